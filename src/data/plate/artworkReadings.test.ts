import sharp from 'sharp'
import { expect, it } from 'vitest'
import { exposureProcedure } from '@/core/plate/exposurePlan'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { keepPicture } from '../across/images'
import { createJob, saveStation } from '../shop/jobs'
import { at, openWorkshop } from '../shop/workshop.test.fixture'
import { readArtworkOf } from './artworkReadings'
import { keepArtwork } from './artworks'
import { addMakingEvent, beginMaking, loadLastExposure } from './makings'

openWorkshop()

/** White, with a black square of a tenth of its width and a fifth of its height. */
async function square(): Promise<string> {
  const black = await sharp({ create: { width: 60, height: 60, channels: 3, background: '#000' } })
    .png()
    .toBuffer()
  const bytes = await sharp({ create: { width: 600, height: 300, channels: 3, background: '#fff' } })
    .composite([{ input: black, left: 200, top: 100 }])
    .png()
    .toBuffer()
  return keepPicture(bytes, 'square.png', at())
}

it('reads how much of a plate is bitten, and how wide its widest black is, off the artwork itself', async () => {
  const { id } = await createJob({ title: 'Salt pans', artist: 'Bryn Ash', purpose: 'unique' }, at())
  expect(await readArtworkOf(id)).toBeNull()
  const plate = { ...sampleSettings.plate, kind: 'aluminium-etched' as const, widthMm: 120, heightMm: 60 }
  const revision = await saveStation(id, 0, 'plate', plate, at())
  expect(await readArtworkOf(id)).toBeNull()
  const artwork = {
    imageId: await square(),
    method: 'toner-solvent' as const,
    crop: { left: 0, top: 0, width: 1, height: 1 },
    tone: { way: 'threshold' as const, threshold: 128, linesPerInch: 60, angleDegrees: 45 },
    dpi: 254,
  }
  await keepArtwork(id, artwork, at())
  // A square of 12 mm on 120 x 60 mm: 1.44 cm² of 72.
  const read = (await readArtworkOf(id))!
  expect(read.openShare).toBeCloseTo(0.02, 3)
  // Its edges blur by half a dot as it is scaled.
  expect(Math.abs(read.openCm2 - 1.44)).toBeLessThan(0.03)
  expect(read.widestDarkMm).toBeCloseTo(12, 0)
  // The surface alone is rolled: what the print has white is bitten, and the black is the same one.
  const surface = { isAlone: true, rollerMm: 60 }
  await saveStation(id, revision, 'plate', { ...plate, surface }, at(1))
  const turned = (await readArtworkOf(id))!
  expect(turned.openShare).toBeCloseTo(0.98, 3)
  expect(turned.widestDarkMm).toBeCloseTo(12, 0)
})

it('remembers what the last photopolymer was exposed for, once it was', async () => {
  const { id } = await createJob({ title: 'Eelgrass', artist: 'Bryn Ash', purpose: 'unique' }, at())
  const times = { screenSeconds: 90, imageSeconds: 75 }
  await beginMaking(id, 'making-1', exposureProcedure(times), 'Bryn Ash', at(1))
  expect(await loadLastExposure()).toBeNull()
  for (const [i, kind] of (['begun', 'done'] as const).entries())
    await addMakingEvent('making-1', { kind, stepId: 'expose', note: '' }, 'Bryn Ash', at(2 + i))
  expect(await loadLastExposure()).toEqual({ ...times, title: 'Eelgrass', at: at(1) })
  await beginMaking(
    id,
    'making-2',
    exposureProcedure({ screenSeconds: null, imageSeconds: 50 }),
    'Bryn Ash',
    at(9),
  )
  expect(await loadLastExposure()).toMatchObject(times)
})
