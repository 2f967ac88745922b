import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { drawPlate, readPicture } from './drawnPlate.test.fixture'
import type { Rgb } from './picture'
import { crispness, crispnessOf, focusFor, outOfFocus, softerOf } from './softness'

const everywhere = (picture: Rgb) => new Uint8Array(picture.width * picture.height).fill(1)
const darkness = ({ data }: Rgb) =>
  Float32Array.from({ length: data.length / 3 }, (_, i) => 255 - data[3 * i + 1])
const crispOf = (picture: Rgb, ink = darkness(picture)) =>
  crispness(ink, picture.width, picture.height, everywhere(picture))
/** Out of focus by a general library, in linear light. */
async function blurred({ width, height, data }: Rgb, sigma: number): Promise<Rgb> {
  const out = await sharp(data, { raw: { width, height, channels: 3 } })
    .pipelineColourspace('scrgb')
    .blur({ sigma, minAmplitude: 0.01 })
    .toColourspace('srgb')
    .raw()
    .toBuffer()
  return { width, height, data: out }
}
const plate = await readPicture(await drawPlate(7))

describe('how crisp a picture is', () => {
  it('does not change with how much ink there is, and falls with every blur', async () => {
    const ink = darkness(plate)
    expect(
      crispOf(
        plate,
        ink.map((value) => 0.4 * value + 20),
      ),
    ).toBeCloseTo(crispOf(plate), 6)
    let before = crispOf(plate)
    for (const sigma of [0.6, 1, 1.6, 2.4]) {
      const now = crispOf(await blurred(plate, sigma))
      expect(now).toBeLessThan(before)
      before = now
    }
    expect(crispness(new Float32Array(100), 10, 10, new Uint8Array(100).fill(1))).toBe(0)
  })
  it('is spread as a general library spreads it', async () => {
    for (const sigma of [0.8, 1.5, 2.5]) {
      const [ours, theirs] = [outOfFocus(plate, sigma), await blurred(plate, sigma)]
      let [sum, most] = [0, 0]
      for (let i = 0; i < ours.data.length; i++) {
        const off = Math.abs(ours.data[i] - theirs.data[i])
        sum += off
        most = Math.max(most, off)
      }
      expect(sum / ours.data.length).toBeLessThan(0.6)
      expect(most).toBeLessThan(12)
    }
  })
  it('finds how far out of focus a picture was taken', async () => {
    const start = outOfFocus(plate, 0.9)
    for (const sigma of [0.8, 1.2, 2]) {
      const soft = await blurred(start, sigma)
      const share = crispnessOf(soft) / crispnessOf(start)
      expect(focusFor(start, share)).toBeGreaterThan(0.88 * sigma)
      expect(focusFor(start, share)).toBeLessThan(1.12 * sigma)
    }
    expect(focusFor(plate, 1)).toBe(0)
  })
  it('names the softer of two, and says when it is too soft', () => {
    expect(softerOf({ reference: 0.2, impression: 0.19 })).toBeNull()
    const soft = softerOf({ reference: 0.2, impression: 0.15 })!
    expect(soft).toMatchObject({ softer: 'impression', isTooSoft: false })
    expect(soft.share).toBeCloseTo(0.75, 9)
    expect(softerOf({ reference: 0.05, impression: 0.2 })).toMatchObject({
      softer: 'reference',
      isTooSoft: true,
    })
    expect(softerOf({ reference: 0, impression: 0 })).toBeNull()
  })
})
