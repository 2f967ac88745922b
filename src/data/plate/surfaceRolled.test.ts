import sharp from 'sharp'
import { expect, it } from 'vitest'
import { composeProcedure } from '@/core/plate/composeProcedure'
import { bittenShare } from '@/core/plate/surfaceRolling'
import { paperAsks } from '@/core/paper/paperAsks'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { documentJob } from '@/core/record/documentation'
import { WIPING_SCHOOLS } from '@/core/wipe/wipingSchools'
import { keepPicture } from '../across/images'
import { exportJob, importJob } from '../record/jobFiles'
import { createJob, loadJob, saveStation } from '../shop/jobs'
import { at, openWorkshop, pull } from '../shop/workshop.test.fixture'
import { renderCarrier } from './carriers'

openWorkshop()

/** A quarter of it black, at its left. */
const picture = async () => {
  const black = await sharp({ create: { width: 100, height: 200, channels: 3, background: '#000' } })
    .png()
    .toBuffer()
  const bytes = await sharp({ create: { width: 400, height: 200, channels: 3, background: '#fff' } })
    .composite([{ input: black, left: 0, top: 0 }])
    .png()
    .toBuffer()
  return keepPicture(bytes, 'quarter.png', at())
}

it('aluminium by toner, bitten, rolled on its surface, on coated paper: the tones come the right way round', async () => {
  const { id, slug } = await createJob({ title: 'Salt pans', artist: 'Bryn Ash', purpose: 'unique' }, at())
  const plate = {
    ...sampleSettings.plate,
    kind: 'aluminium-etched' as const,
    widthMm: 80,
    heightMm: 40,
    surface: { isAlone: true, rollerMm: 60 },
  }
  let revision = await saveStation(id, 0, 'plate', plate, at())
  const artwork = {
    imageId: await picture(),
    method: 'toner-solvent' as const,
    crop: { left: 0, top: 0, width: 1, height: 1 },
    tone: { way: 'threshold' as const, threshold: 128, linesPerInch: 60, angleDegrees: 45 },
    dpi: 254,
  }
  // Toner stands where the print is dark: it keeps the bath away, and the roller inks what stands.
  const toner = await renderCarrier(artwork, plate)
  expect([toner.greys[0], toner.greys.at(-1)]).toEqual([0, 255])
  expect(bittenShare(toner.greys, plate)).toBeCloseTo(0.75, 6)
  // From the lines it would have to be the negative.
  const intaglio = await renderCarrier(artwork, { ...plate, surface: null })
  expect([intaglio.greys[0], intaglio.greys.at(-1)]).toEqual([255, 0])
  expect(
    'procedure' in
      composeProcedure({
        image: 'toner-solvent',
        tone: 'none',
        metal: 'aluminium',
        mordant: 'saline-sulphate',
        finish: 'none',
      }),
  ).toBe(true)

  const [coated] = paperAsks({ gsm: 170, sizing: 'coated', sides: '', reflectance: RAG_WHITE })
  revision = await saveStation(id, revision, 'ink', sampleSettings.ink, at())
  revision = await saveStation(id, revision, 'paper', { ...sampleSettings.paper, ...coated.treatment }, at())
  revision = await saveStation(id, revision, 'press', sampleSettings.press, at())
  const { order } = WIPING_SCHOOLS['surface-rolled']
  const inking = sampleSettings.wipe.inking.map((one) => ({
    ...one,
    tool: 'roller' as const,
    where: 'surface' as const,
  }))
  await saveStation(id, revision, 'wipe', { ...order, inking }, at())

  const job = await pull(await loadJob(slug), 'first', 'edition', 'accepted')
  const rows = documentJob({ ...job, bench: job.runs[0].bench }, 'Etc/UTC').sections.flatMap(
    (one) => one.rows,
  )
  const said = rows.map(({ label, value }) => `${label}: ${value}`).join('\n')
  expect(said).toContain('the surface alone, roller 60 mm')
  expect(said).toMatch(/Paper: damping: Dry/)
  expect(said).not.toMatch(/Wipe: order: .*[Tt]arlatan/)
  const copy = await loadJob(await importJob(await exportJob(slug, at(60))))
  expect(copy.pulls[0].settings.plate.surface).toEqual(plate.surface)
})
