import { uniforms } from '../stats/random'
import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { alignCoarsely } from './coarseAlign'
import { drawPlate, readPicture as read } from './drawnPlate.test.fixture'
import { transform } from './fourier'
import { movePicture } from './movePicture'
import { greyOf, pyramidOf, type Rgb } from './picture'
import { refineAlignment } from './refineAlign'
import { carry, similarityError, type Similarity } from './similarity'

const SIZE = { width: 640, height: 760 }

/** A drawn plate on its sheet. */
async function sheetOf(seed: number): Promise<Buffer> {
  const plate = await sharp(await drawPlate(seed))
    .resize(SIZE.width - 300, SIZE.height - 200, { fit: 'inside' })
    .toBuffer()
  return sharp({ create: { ...SIZE, channels: 3, background: '#f2efe6' } })
    .composite([{ input: plate, left: 150, top: 60 }])
    .png()
    .toBuffer()
}

/** The same sheet moved by an independent resampler: its affine transform about the middle, then the shift. */
async function moved(sheet: Buffer, { shiftX, shiftY, rotation, scale }: Similarity): Promise<Buffer> {
  const [cos, sin] = [scale * Math.cos(rotation), scale * Math.sin(rotation)]
  const [cx, cy] = [SIZE.width / 2, SIZE.height / 2]
  // Without offsets the library turns about its origin and trims to the picture's own box; the box is laid back where it belongs.
  const corners = [
    [0, 0],
    [SIZE.width, 0],
    [0, SIZE.height],
    [SIZE.width, SIZE.height],
  ].map(([x, y]) => carry({ shiftX, shiftY, rotation, scale }, [cx, cy], [x, y]))
  const [left, top] = [
    Math.floor(Math.min(...corners.map(([x]) => x))),
    Math.floor(Math.min(...corners.map(([, y]) => y))),
  ]
  const origin = carry({ shiftX, shiftY, rotation, scale }, [cx, cy], [0, 0])
  const turned = await sharp(sheet)
    .affine(
      [
        [cos, -sin],
        [sin, cos],
      ],
      {
        background: '#f2efe6',
        interpolator: 'bicubic',
        odx: origin[0] - left,
        ody: origin[1] - top,
        idx: 0,
        idy: 0,
      },
    )
    .png()
    .toBuffer()
  return turned.length > 0 ? turned : sheet
}

describe('the Fourier transform', () => {
  it('of a wave is its frequency, and the inverse brings it back', () => {
    const n = 16
    const field = {
      re: Float64Array.from({ length: n * n }, (_, i) => Math.cos((2 * Math.PI * 3 * (i % n)) / n)),
      im: new Float64Array(n * n),
    }
    const before = [...field.re]
    transform(field, n)
    expect(field.re[3]).toBeCloseTo((n * n) / 2, 9)
    expect(Math.hypot(field.re[5], field.im[5])).toBeCloseTo(0, 9)
    transform(field, n, true)
    before.forEach((value, i) => expect(field.re[i] / (n * n)).toBeCloseTo(value, 12))
  })
})

/** A scan's harm: tone changed, noise (Park & Miller 1988), and a stained strip of 3 % of the sheet. */
function harmed(picture: Rgb): Rgb {
  const next = uniforms(41)
  const data = Uint8Array.from(picture.data, (value) =>
    Math.min(255, Math.max(0, 255 * (value / 255) ** 1.12 * 0.96 + 6 * (next() + next() - 1))),
  )
  const [w, h] = [Math.round(picture.width * 0.3), Math.round(picture.height * 0.1)]
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++)
      for (let c = 0; c < 3; c++) data[3 * ((y + 260) * picture.width + x + 230) + c] = 40 + 10 * c
  return { ...picture, data }
}

const align = (reference: Rgb, impression: Rgb) => {
  const [one, other] = [greyOf(reference), greyOf(impression)]
  const [small, smallOther] = [pyramidOf(one, 256), pyramidOf(other, 256)]
  const coarse = alignCoarsely(small.at(-1)!, smallOther.at(-1)!)
  const times = one.width / small.at(-1)!.width
  return refineAlignment(pyramidOf(one, 1), pyramidOf(other, 1), {
    ...coarse,
    shiftX: coarse.shiftX * times,
    shiftY: coarse.shiftY * times,
  })
}

describe('an impression laid over its reference', () => {
  it.each([
    { shiftX: 0, shiftY: 0, rotation: 0, scale: 1 },
    { shiftX: 17.3, shiftY: -9.6, rotation: 0.012, scale: 1.004 },
    { shiftX: -60, shiftY: 44, rotation: -0.08, scale: 0.96 },
    { shiftX: 72, shiftY: 20, rotation: 0.085, scale: 1.045 },
  ])('is found within 0.15 px, harmed as a scan is: %o', async (truth) => {
    const sheet = await read(await sheetOf(11))
    const found = align(sheet, harmed(movePicture(sheet, truth)))
    expect(similarityError(found, truth, SIZE.width, SIZE.height)).toBeLessThan(0.15)
    expect(found.correlation).toBeGreaterThan(0.9)
  })
  it('lies still where fine lines fall just on their pixels, however it is begun', async () => {
    const picture = await read(await sheetOf(17))
    const sheet = greyOf(picture)
    const noisy = greyOf(harmed(picture))
    const truth = { shiftX: 0, shiftY: 0, rotation: 0, scale: 1 }
    for (const start of [truth, { shiftX: 0.6, shiftY: -0.4, rotation: 0.002, scale: 1.001 }]) {
      const found = refineAlignment(pyramidOf(sheet, 1), pyramidOf(noisy, 1), start)
      expect(similarityError(found, truth, SIZE.width, SIZE.height)).toBeLessThan(0.01)
    }
  })
  it('agrees with a motion applied by a picture library', async () => {
    const png = await sheetOf(29)
    const truth = { shiftX: 0, shiftY: 0, rotation: 0.03, scale: 1 }
    const turned = await read(await moved(png, truth))
    const sheet = await read(png)
    const found = align(sheet, turned)
    // The library lays the turned sheet into the box that holds it; its middle is the middle of that box.
    expect(found.rotation).toBeCloseTo(0.03, 3)
    expect(found.scale).toBeCloseTo(1, 3)
  })
})
