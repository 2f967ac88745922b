import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { readPull } from '@/core/edition/readPull'
import { USUAL_MATCH_TOLERANCES } from '@/core/match/checks/matchCheck'
import type { MatchVerdict } from '@/core/match/scan'
import { jobFileSchema } from '@/core/record/jobFile'
import { keepPicture, originalFile, pictureDetails } from './images'
import { exportJob } from '../record/jobFiles'
import { packJob, unpackJob } from '../record/jobFolder'
import { loadJob } from '../shop/jobs'
import { PixelError, readPixels } from './pixels'
import { addEvents } from './pulls'
import { approvedJob, at, openWorkshop, pull } from '../shop/workshop.test.fixture'

openWorkshop()

const picture = (shade: number, format: 'png' | 'jpeg' = 'png') =>
  sharp({ create: { width: 60, height: 40, channels: 3, background: { r: shade, g: shade, b: shade } } })
    .toFormat(format)
    .toBuffer()
const scan = (imageId: string, dry = true) => ({
  kind: 'scan' as const,
  scan: { imageId, taken: dry ? ('scanner' as const) : ('camera' as const), dry, corners: null },
})
const match = (referencePullId: string): { kind: 'match'; match: MatchVerdict } => ({
  kind: 'match',
  match: {
    referencePullId,
    outcome: 'differs',
    deltaE00: { mean: 1.2, p95: 4 },
    values: Object.fromEntries(
      Object.keys(USUAL_MATCH_TOLERANCES).map((key) => [key, null]),
    ) as MatchVerdict['values'],
    places: [],
    accepted: [],
    tolerances: USUAL_MATCH_TOLERANCES,
  },
})

/** An edition pull with a scan and its verdict, beside an approved proof with a scan. */
async function scannedJob() {
  const job = await pull(await approvedJob(), 'e1', 'edition', 'accepted')
  const [bat, first] = [
    await keepPicture(await picture(200), 'bat.png', at(20)),
    await keepPicture(await picture(190), 'e1.png', at(20)),
  ]
  const one = await addEvents(
    job.id,
    job.revision,
    { pullId: 'proof-1', events: [scan(bat)], by: 'Ida Quill', why: '' },
    at(21),
  )
  const two = await addEvents(
    job.id,
    one,
    { pullId: 'e1', events: [scan(first), match('proof-1')], by: 'Ida Quill', why: '' },
    at(22),
  )
  return { slug: job.slug, id: job.id, revision: two, bat, first }
}
const eventsOf = async (slug: string, id: string) => (await loadJob(slug)).pulls.find((one) => one.id === id)!

describe('scans and what they came to', () => {
  it('stand on the print; a second picture of the same print needs a reason, and the first stays', async () => {
    const { slug, id, revision } = await scannedJob()
    expect(readPull(await eventsOf(slug, 'e1')).match).toMatchObject({ outcome: 'differs' })
    const again = await keepPicture(await picture(180), 'again.png', at(30))
    await expect(
      addEvents(id, revision, { pullId: 'e1', events: [scan(again)], by: 'Tam Brocket', why: '' }, at(31)),
    ).rejects.toMatchObject({ problems: [expect.objectContaining({ field: 'why' })] })
    await addEvents(
      id,
      revision,
      { pullId: 'e1', events: [scan(again)], by: 'Tam Brocket', why: 'a new picture' },
      at(31),
    )
    const { events } = await eventsOf(slug, 'e1')
    expect(events.filter(({ event }) => event.kind === 'scan')).toHaveLength(2)
    expect(readPull({ events }).scans.dry?.imageId).toBe(again)
  })
  it('of a wet print from the scanner are refused, and nothing is kept', async () => {
    const { slug, id, revision, first } = await scannedJob()
    await expect(
      addEvents(
        id,
        revision,
        {
          pullId: 'e1',
          events: [{ kind: 'scan', scan: { imageId: first, taken: 'scanner', dry: false, corners: null } }],
          by: 'Ida Quill',
          why: '',
        },
        at(40),
      ),
    ).rejects.toThrow(/never goes on the scanner/)
    expect(readPull(await eventsOf(slug, 'e1')).scans.wet).toBeNull()
  })
  it('go out with the job folder and come in again, pictures and all', async () => {
    const { slug, bat, first } = await scannedJob()
    const copy = await unpackJob(await packJob(slug, {}, at(50)), at(60))
    const [was, is] = [await exportJob(slug, at(70)), await exportJob(copy, at(70))]
    expect(is.pulls).toEqual(was.pulls)
    expect((await pictureDetails([bat, first])).map(({ id }) => id).sort()).toEqual([bat, first].sort())
  })
  it('that were compared with a pull nobody has are no job file', async () => {
    const file = await exportJob((await scannedJob()).slug, at(70))
    const stray = {
      ...file,
      pulls: file.pulls.map((one) =>
        one.id === 'e1'
          ? {
              ...one,
              events: one.events.map((kept) =>
                kept.event.kind === 'match' ? { ...kept, event: match('gone') } : kept,
              ),
            }
          : one,
      ),
    }
    expect(jobFileSchema.safeParse(stray).error?.issues[0].message).toBe(
      'was compared with a pull that is not in the file',
    )
  })
})

describe('the pixels of a picture', () => {
  it('come three bytes each, upright and no larger than asked', async () => {
    const id = await keepPicture(await picture(128), 'grey.png', at())
    const { width, height, data } = await readPixels(await originalFile(id), 30)
    expect([width, height, data.length, data[0]]).toEqual([30, 20, 1800, 128])
  })
  it('of sixteen bits a channel, grey, turned by EXIF, or see-through, are read as a person sees them', async () => {
    const { mkdtemp } = await import('node:fs/promises')
    const folder = await mkdtemp(`${process.env.TYPOTHESIS_DATA}/pixels-`)
    const base = () =>
      sharp({ create: { width: 8, height: 4, channels: 3, background: { r: 128, g: 128, b: 128 } } })
    await base().toColourspace('rgb16').png().toFile(`${folder}/sixteen.png`)
    await base().greyscale().toColourspace('b-w').png().toFile(`${folder}/grey.png`)
    await base().withMetadata({ orientation: 6 }).jpeg().toFile(`${folder}/turned.jpg`)
    await sharp({ create: { width: 8, height: 4, channels: 4, background: { r: 0, g: 0, b: 0, alpha: 0 } } })
      .png()
      .toFile(`${folder}/clear.png`)
    const read = async (name: string) => readPixels(`${folder}/${name}`)
    for (const name of ['sixteen.png', 'grey.png']) {
      const { width, height, data } = await read(name)
      expect([width, height, data.length]).toEqual([8, 4, 96])
      expect(Math.abs(data[0] - 128)).toBeLessThanOrEqual(1)
    }
    expect([(await read('grey.png')).isGrey, (await read('sixteen.png')).isGrey]).toEqual([true, undefined])
    expect(await read('turned.jpg')).toMatchObject({ width: 4, height: 8 })
    expect((await read('clear.png')).data[0]).toBe(255)
  })
  it('come with the scale their file says, also where they are made smaller; not with what cameras write', async () => {
    const scan = (density: number) =>
      sharp({ create: { width: 600, height: 400, channels: 3, background: '#ddd' } })
        .withMetadata({ density })
        .jpeg()
        .toBuffer()
    const scaleOf = async (density: number) =>
      (await readPixels(await originalFile(await keepPicture(await scan(density), 'scan.jpg', at())), 300))
        .pixelsPerMm
    expect(await scaleOf(300)).toBeCloseTo(300 / 25.4 / 2, 6)
    expect(await scaleOf(72)).toBeUndefined()
  })
  it('are brought to sRGB by the profile of their file, kept with it, and say which', async () => {
    const red = sharp({
      create: { width: 30, height: 20, channels: 3, background: { r: 180, g: 60, b: 50 } },
    })
    const read = async (bytes: Buffer) =>
      readPixels(await originalFile(await keepPicture(bytes, 'scan.png', at())))
    const bare = await read(await red.clone().png().toBuffer())
    // Brought to the wider profile as it was saved: back again it has its colour.
    const wide = await read(await red.clone().withIccProfile('p3').png().toBuffer())
    expect([bare.profile, wide.profile?.changesColours]).toEqual([undefined, true])
    const away = (other: typeof bare) =>
      Math.max(...[0, 1, 2].map((i) => Math.abs(other.data[i] - bare.data[i])))
    expect(away(wide)).toBeLessThanOrEqual(2)
    const taken = await sharp(await red.clone().withIccProfile('p3').png().toBuffer())
      .keepIccProfile()
      .raw()
      .toBuffer()
    expect(Math.abs(taken[0] - bare.data[0])).toBeGreaterThan(5)
  })
  it('of what is no picture are refused in words', async () => {
    await expect(readPixels('/nowhere/at-all.png')).rejects.toThrow(PixelError)
    await expect(readPixels(import.meta.filename)).rejects.toThrow(/is not a picture, or it is damaged/)
  })
})
