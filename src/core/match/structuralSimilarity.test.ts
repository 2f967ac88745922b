import fc from 'fast-check'
import sharp from 'sharp'
import { ssim } from 'ssim.js'
import { describe, expect, it } from 'vitest'
import { drawPlate, readPicture } from './drawnPlate.test.fixture'
import { greyOf, type Grey, type Rgb } from './picture'
import { structuralSimilarity } from './structuralSimilarity'

const WIDTH = 150
const HEIGHT = 200
const plate = await readPicture(
  await sharp(await drawPlate(5))
    .resize(WIDTH, HEIGHT)
    .toBuffer(),
)
const blurred = async ({ width, height, data }: Rgb, sigma: number): Promise<Rgb> => ({
  width,
  height,
  data: await sharp(Buffer.from(data), { raw: { width, height, channels: 3 } })
    .blur(sigma)
    .raw()
    .toBuffer(),
})
/** Four bytes a pixel, as the library reads them; grey, so that its own weights of the channels do not matter. */
const rgba = ({ width, height, data }: Grey) => ({
  width,
  height,
  data: Uint8ClampedArray.from({ length: 4 * width * height }, (_, i) =>
    i % 4 === 3 ? 255 : Math.round(255 * data[i >> 2]),
  ),
})
const rounded = (grey: Grey): Grey => ({
  ...grey,
  data: grey.data.map((value) => Math.round(255 * value) / 255),
})

describe('structural similarity', () => {
  it.each([0.6, 1.2, 3])(
    'agrees with a general library (ssim.js, its original variant) on a plate blurred by %d px',
    async (sigma) => {
      const [one, other] = [rounded(greyOf(plate)), rounded(greyOf(await blurred(plate, sigma)))]
      const theirs = ssim(rgba(one) as unknown as ImageData, rgba(other) as unknown as ImageData, {
        ssim: 'original',
        downsample: false,
        windowSize: 11,
      })
      const ours = structuralSimilarity(one, other)!
      expect(ours.mean).toBeCloseTo(theirs.mssim, 3)
      expect(ours.mean).toBeLessThan(0.999)
      expect([ours.map.width, ours.map.height]).toEqual([WIDTH - 10, HEIGHT - 10])
    },
  )
  it('is one for a picture and itself, the same both ways round, and never more than one', () => {
    const picture = fc
      .array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 144, maxLength: 144 })
      .map((values): Grey => ({ width: 12, height: 12, data: Float32Array.from(values) }))
    fc.assert(
      fc.property(picture, picture, (one, other) => {
        const [a, b] = [structuralSimilarity(one, other)!.mean, structuralSimilarity(other, one)!.mean]
        expect(structuralSimilarity(one, one)!.mean).toBeCloseTo(1, 4)
        expect(a).toBeCloseTo(b, 5)
        expect(a).toBeLessThanOrEqual(1.0001)
      }),
    )
  })
  it('says nothing of pictures smaller than its window, and refuses two sizes', () => {
    const small: Grey = { width: 10, height: 40, data: new Float32Array(400) }
    expect(structuralSimilarity(small, small)).toBeNull()
    expect(() => structuralSimilarity(small, { width: 40, height: 10, data: new Float32Array(400) })).toThrow(
      'of one size',
    )
  })
})
