import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import type { Artwork } from '@/core/plate/artwork'
import { carrierSheet } from '@/core/plate/carrierSheet'
import { carrierPng, carrierSheetPng, renderCarrier, type Carrier } from './carriers'
import { keepPicture, originalFile } from '../across/images'
import { at, openWorkshop } from '../shop/workshop.test.fixture'

openWorkshop()

const plate = { widthMm: 60, heightMm: 40 }
/** Left half black, right half white. */
async function halves(): Promise<string> {
  const bytes = await sharp({ create: { width: 300, height: 200, channels: 3, background: '#fff' } })
    .composite([
      {
        input: await sharp({ create: { width: 150, height: 200, channels: 3, background: '#000' } })
          .png()
          .toBuffer(),
        left: 0,
        top: 0,
      },
    ])
    .png()
    .toBuffer()
  return keepPicture(bytes, 'halves.png', at())
}
const artwork = (imageId: string, more: Partial<Artwork> = {}): Artwork => ({
  imageId,
  method: 'photopolymer',
  crop: { left: 0, top: 0, width: 1, height: 1 },
  tone: { way: 'threshold', threshold: 128, linesPerInch: 60, angleDegrees: 45 },
  dpi: 254,
  ...more,
})
/** Greys at the middle of the left and right halves. */
function ends({ greys, widthPx, heightPx }: Carrier): [number, number] {
  const row = Math.floor(heightPx / 2) * widthPx
  return [greys[row + Math.floor(widthPx * 0.2)], greys[row + Math.floor(widthPx * 0.8)]]
}

describe('the carrier', () => {
  it('has the plate’s size at its dots an inch, and knows them', async () => {
    const { width, height, density } = await sharp(
      await carrierPng(await renderCarrier(artwork(await halves()), plate), 254),
    ).metadata()
    expect([width, height, density]).toEqual([600, 400, 254])
  })
  it.each([
    ['photopolymer', [0, 255]],
    ['card-drypoint', [255, 0]],
    ['toner-solvent', [255, 0]],
  ] as const)('%s: turned as its way of making needs', async (method, wanted) => {
    // A film reads as the picture; a tracing is mirrored; toner is a negative: of two halves the last two look the same.
    expect(ends(await renderCarrier(artwork(await halves(), { method }), plate))).toEqual(wanted)
  })
  it('crops', async () =>
    expect(
      ends(
        await renderCarrier(
          artwork(await halves(), { crop: { left: 0.5, top: 0, width: 0.5, height: 0.5 } }),
          plate,
        ),
      ),
    ).toEqual([255, 255]))
  it('leaves the original as it was', async () => {
    const id = await halves()
    const sum = async () =>
      createHash('sha256')
        .update(readFileSync(await originalFile(id)))
        .digest('hex')
    const before = await sum()
    await renderCarrier(
      artwork(id, { tone: { way: 'grain', threshold: 128, linesPerInch: 60, angleDegrees: 45 } }),
      plate,
    )
    expect(await sum()).toBe(before)
  })
  it('beyond 80 million dots is refused at its field', async () => {
    await expect(
      renderCarrier(artwork(await halves(), { dpi: 1200 }), { widthMm: 900, heightMm: 900 }),
    ).rejects.toMatchObject({ problems: [expect.objectContaining({ field: 'dpi' })] })
  })
})

describe('the carrier at 1:1', () => {
  it('as PNG: the check bar is 1000 dots at 254 an inch, and the picture lies dot for dot', async () => {
    const carrier = await renderCarrier(artwork(await halves()), plate)
    const drawing = carrierSheet({ method: 'photopolymer', plate, title: 'Halves', picture: '' })
    const { data, info } = await sharp(await carrierSheetPng(carrier, drawing, 254))
      .greyscale()
      .raw()
      .toBuffer({ resolveWithObject: true })
    const at = (x: number, y: number) => data[(y * info.width + x) * info.channels]
    const barRow = Math.round(
      (drawing.strokes.find(({ points: [[x1], [x2]] }) => x2 - x1 === 100)!.points[0][1] / 25.4) * 254,
    )
    const dark = Array.from({ length: info.width }, (_, x) => at(x, barRow) < 140)
    expect(dark.lastIndexOf(true) - dark.indexOf(true)).toBeGreaterThan(997)
    expect(dark.lastIndexOf(true) - dark.indexOf(true)).toBeLessThan(1006)
    const [{ xMm, yMm }] = drawing.pictures
    expect([at(xMm * 10 + 1, yMm * 10 + 1), at(xMm * 10 + 598, yMm * 10 + 1)]).toEqual([0, 255])
  })
  it('is made beyond what the drawing library takes of itself', async () => {
    const carrier = await renderCarrier(artwork(await halves()), plate)
    const drawing = carrierSheet({ method: 'photopolymer', plate, title: 'Halves', picture: '' })
    const { width, height } = await sharp(await carrierSheetPng(carrier, drawing, 254)).metadata()
    expect([width, height]).toEqual([drawing.widthMm * 10, drawing.heightMm * 10])
    // The same picture with a limit just below its dots shows that nothing but the limit would refuse a large one.
    const below = { limitInputPixels: width * height - 1 }
    await expect(carrierSheetPng(carrier, drawing, 254, below)).rejects.toThrow(/pixel limit/)
  })
})
