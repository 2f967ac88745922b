import { describe, expect, it } from 'vitest'
import type { Rgb } from './picture'
import { threeSides } from './threeSides'

const SHEET = { widthMm: 300, heightMm: 200 }
/** A picture of paper on something dark: where the paper's frame lies in it, px. */
function picture([width, height]: readonly [number, number], [l, t, r, b]: readonly number[]): Rgb {
  const data = new Uint8Array(3 * width * height).fill(25)
  for (let y = Math.max(0, t); y < Math.min(height, b); y++)
    data.fill(230, 3 * (y * width + Math.max(0, l)), 3 * (y * width + Math.min(width, r)))
  return { width, height, data }
}
const corners = (size: readonly [number, number], frame: readonly number[]) =>
  threeSides(picture(size, frame), SHEET, 1800)?.corners.map((spot) => spot.map(Math.round))

describe('a sheet of which three sides are seen', () => {
  // Two pixels to a millimetre.
  it.each([
    ['right', [560, 450], [20, 25, 620, 425]],
    ['left', [560, 450], [-60, 25, 540, 425]],
    ['bottom', [640, 390], [20, 25, 620, 425]],
    ['top', [640, 400], [20, -50, 620, 350]],
  ] as const)('has its fourth where its size says: cut at the %s', (_, size, [l, t, r, b]) =>
    expect(corners(size, [l, t, r, b])).toEqual([
      [l, t],
      [r, t],
      [r, b],
      [l, b],
    ]),
  )
  it('is taken to lie across where it is seen to be longer than it could be upright', () =>
    expect(corners([450, 560], [25, 20, 425, 620])).toEqual([
      [25, 20],
      [425, 20],
      [425, 620],
      [25, 620],
    ]))
  it('is none where four sides are seen, or two, or what is seen is longer than any sheet', () => {
    expect(corners([660, 450], [20, 25, 620, 425])).toBeUndefined()
    expect(corners([560, 390], [20, 25, 620, 425])).toBeUndefined()
    expect(corners([900, 250], [20, 25, 1200, 225])).toBeUndefined()
  })
})
