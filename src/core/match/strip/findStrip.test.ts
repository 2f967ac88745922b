import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { decodeSrgb, encodeSrgb } from '../../colour/srgbTransfer'
import { drawPlate, readPicture } from '../drawnPlate.test.fixture'
import { findSheet } from '../findSheet'
import { greyOf, type Rgb } from '../picture'
import { outOfFocus } from '../softness'
import { frameSpread } from './frameSpread'
import { findStrip, type FoundStrip } from './findStrip'
import { FRAME, GREY_STRIP } from './greyStrip'
import { asRgb, printedStrip, sheetWithStrip } from './strip.test.fixture'
import { withoutStrip } from './withoutStrip'

const { blacks, field } = GREY_STRIP
const sharesOf = ({ readings }: FoundStrip) => readings.map((one) => one.patch[1] / one.field[1])
/** The strip on a dark ground, turned and made larger or smaller. */
const laid = async (degrees: number, scale: number) =>
  asRgb(
    sharp(
      await sharp(await printedStrip(6))
        .rotate(degrees, { background: '#0a0a0a' })
        .extend({ top: 40, bottom: 60, left: 90, right: 30, background: '#0a0a0a' })
        .png()
        .toBuffer(),
    ).resize({ width: Math.round(1100 * scale) }),
  )

describe('the grey strip in a picture', () => {
  it.each([
    [0, 1],
    [2, 0.45],
    [90, 0.5],
    [178, 2],
    [-37, 1],
  ])('is found turned by %i° at %d times, each patch as it was printed', async (degrees, scale) => {
    const found = findStrip(await laid(degrees, scale))!
    const shares = sharesOf(found)
    blacks.forEach((black, i) =>
      expect(Math.abs(shares[i] - (1 - black) / (1 - field)), `patch ${i + 1}`).toBeLessThan(0.03),
    )
  })
  it('gives dots of toner the grey they run together to', async () => {
    const plain = await asRgb(
      sharp(await printedStrip(12)).extend({ top: 60, bottom: 60, left: 60, right: 60, background: '#111' }),
    )
    const dotted = dots(plain)
    const light = await asRgb(
      sharp(dotted.data, { raw: { width: dotted.width, height: dotted.height, channels: 3 } })
        .pipelineColourspace('scrgb')
        .resize({ width: dotted.width / 4, kernel: 'linear' })
        .toColourspace('srgb'),
    )
    const [fine, coarse] = [findStrip(dotted)!, findStrip(light)!].map(sharesOf)
    fine.forEach((share, i) => expect(Math.abs(share - coarse[i]), `patch ${i + 1}`).toBeLessThan(0.02))
  })
  it('is not seen in a print, on blank paper, nor in an empty frame', async () => {
    expect(findStrip(await readPicture(await drawPlate(7)))).toBeNull()
    expect(findStrip({ width: 40, height: 30, data: new Uint8Array(3600).fill(220) })).toBeNull()
    const frame = await asRgb(
      sharp(
        Buffer.from(
          '<svg xmlns="http://www.w3.org/2000/svg" width="800" height="200"><rect width="800" height="200" fill="#eee"/><rect x="40" y="40" width="689" height="100" fill="none" stroke="#000" stroke-width="11"/></svg>',
        ),
      ),
    )
    expect(findStrip(frame)).toBeNull()
  })
  it.each([20, 235])(
    'taken out, leaves the sheet as if it had not lain there (ground %i)',
    async (ground) => {
      const [bare, beside] = await Promise.all([sheetWithStrip(ground, 1, false), sheetWithStrip(ground, 1)])
      const strip = findStrip(beside)!
      const cleaned = withoutStrip(beside, strip.corners)
      let most = 0
      cleaned.data.forEach((value, i) => (most = Math.max(most, Math.abs(value - bare.data[i]))))
      expect(most).toBeLessThan(30)
      const [wanted, found] = [bare, cleaned].map((one) => findSheet(greyOf(one))?.corners ?? null)
      if (ground < 128) expect(wanted).not.toBeNull()
      found?.forEach(([x, y], i) =>
        expect(Math.hypot(x - wanted![i][0], y - wanted![i][1])).toBeLessThan(0.5),
      )
      expect(found === null).toBe(wanted === null)
    },
  )
})

describe('how soft a picture is by the strip', () => {
  it.each([0.7, 1.2, 2])(
    'an edge blurred by a normal law of %f px is as wide as that law says',
    async (sigma) => {
      const sharpest = await laid(3, 1)
      const soft = outOfFocus(sharpest, sigma)
      const strip = findStrip(soft)!
      const perMm =
        Math.hypot(strip.corners[1][0] - strip.corners[0][0], strip.corners[1][1] - strip.corners[0][1]) /
        FRAME.widthMm
      const [own, wide] = [sharpest, soft].map((picture) => frameSpread(picture, strip)! * perMm)
      // From a quarter to three quarters of a normal law are 1.349 standard deviations; what was there before adds by squares.
      expect(Math.sqrt(wide ** 2 - own ** 2) / 1.349).toBeGreaterThan(0.9 * sigma)
      expect(Math.sqrt(wide ** 2 - own ** 2) / 1.349).toBeLessThan(1.1 * sigma)
    },
  )
})

/** A picture made of dots, three pixels apart, that let through as much light. */
function dots({ width, height, data }: Rgb): Rgb {
  const order = [0, 7, 3, 6, 5, 2, 4, 1, 8]
  const out = new Uint8Array(data.length)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const at = 3 * (y * width + x)
      const rank = (order[3 * (y % 3) + (x % 3)] + 0.5) / 9
      // Lit to the share of its light, the paper's white or what toner leaves of it.
      const value = 255 * encodeSrgb(decodeSrgb(data[at] / 255) > rank ? 0.8 : 0.04)
      out.fill(Math.round(value), at, at + 3)
    }
  return { width, height, data: out }
}
