import sharp, { type Sharp } from 'sharp'
import { describe, expect, it } from 'vitest'
import { drawPlate, readPicture } from './drawnPlate.test.fixture'
import { matchPictures, type Match } from './matchPictures'

const DPI = 100
const [WIDTH, HEIGHT] = [800, 1000]

/** A plate drawn by our program on its sheet, with what is laid onto it. */
async function sheetOf(
  seed: number,
  ...laid: { left: number; top: number; width: number; height: number; colour: string }[]
): Promise<Buffer> {
  const plate = await sharp(await drawPlate(seed))
    .resize(560, 700, { fit: 'fill' })
    .toBuffer()
  const spots = await Promise.all(
    laid.map(async ({ left, top, width, height, colour }) => ({
      left,
      top,
      input: await sharp({ create: { width, height, channels: 3, background: colour } })
        .png()
        .toBuffer(),
    })),
  )
  return sharp({ create: { width: WIDTH, height: HEIGHT, channels: 3, background: '#f2efe6' } })
    .composite([{ input: plate, left: 120, top: 120 }, ...spots])
    .png()
    .toBuffer()
}
const match = async (reference: Buffer, impression: Sharp) =>
  matchPictures(await readPicture(reference), await readPicture(await impression.png().toBuffer()), DPI)

describe('an impression held against its reference', () => {
  it('that is the same has no region, and no difference', async () => {
    const sheet = await sheetOf(5)
    const { deltaE00, regions, alignment } = (await match(sheet, sharp(sheet))) as Match
    expect(regions).toEqual([])
    expect(deltaE00.mean).toBeLessThan(0.2)
    expect(Math.hypot(alignment.shiftX, alignment.shiftY)).toBeLessThan(0.05)
  })
  it('shows dirt on the paper and a starved patch, where they are, though turned by a picture library', async () => {
    const harmed = await sheetOf(
      5,
      { left: 40, top: 900, width: 24, height: 32, colour: '#333333' },
      { left: 400, top: 560, width: 40, height: 36, colour: '#efebe2' },
    )
    const { regions, alignment } = (await match(
      await sheetOf(5),
      sharp(harmed).rotate(1.5, { background: '#f2efe6' }),
    )) as Match
    expect((alignment.rotation * 180) / Math.PI).toBeCloseTo(1.5, 1)
    const mm = 25.4 / DPI
    expect(regions.map(({ kind }) => kind).sort()).toEqual(['foreign-mark', 'starved'])
    const dirt = regions.find(({ kind }) => kind === 'foreign-mark')!
    expect(Math.abs(dirt.xMm - 40 * mm)).toBeLessThan(1)
    expect(Math.abs(dirt.yMm - 900 * mm)).toBeLessThan(1)
    expect(Math.abs(dirt.heightMm - 32 * mm)).toBeLessThan(1.5)
  })
  it('is turned upright when it stands a quarter turn apart', async () => {
    const sheet = await sheetOf(5)
    const { alignment, regions } = (await match(sheet, sharp(sheet).rotate(90))) as Match
    expect(alignment.rotation).toBeCloseTo(Math.PI / 2, 3)
    expect(regions).toEqual([])
  })
  it('of another plate is refused in words', async () =>
    expect(await match(await sheetOf(5), sharp(await sheetOf(17)))).toEqual({
      which: 'impression',
      reason: { code: 'another-plate' },
    }))
  it('that is blank, or a single pixel, is refused', async () => {
    const sheet = await sheetOf(5)
    expect(
      await match(
        sheet,
        sharp({ create: { width: WIDTH, height: HEIGHT, channels: 3, background: '#ffffff' } }).png(),
      ),
    ).toMatchObject({ which: 'impression', reason: { code: 'blank' } })
    expect(
      await match(
        sheet,
        sharp({ create: { width: 1, height: 1, channels: 3, background: '#888888' } }).png(),
      ),
    ).toMatchObject({ which: 'impression', reason: expect.objectContaining({ code: 'too-small' }) })
  })
})
