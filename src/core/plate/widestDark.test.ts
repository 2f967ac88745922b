import { describe, expect, it } from 'vitest'
import { widestDarkMm } from './widestDark'

const draw = (widthPx: number, heightPx: number, isDark: (x: number, y: number) => boolean) => ({
  widthPx,
  heightPx,
  greys: Uint8Array.from({ length: widthPx * heightPx }, (_, i) =>
    isDark(i % widthPx, Math.floor(i / widthPx)) ? 0 : 255,
  ),
})
/** The same by looking at every dot's distance to every white one: slow and plain. */
function slowly({ widthPx, heightPx, greys }: ReturnType<typeof draw>): number {
  let most = 0
  for (let y = 0; y < heightPx; y++)
    for (let x = 0; x < widthPx; x++) {
      if (greys[y * widthPx + x] >= 128) continue
      let near = Infinity
      for (let v = -1; v <= heightPx; v++)
        for (let u = -1; u <= widthPx; u++) {
          const isOutside = u < 0 || v < 0 || u === widthPx || v === heightPx
          if (isOutside || greys[v * widthPx + u] >= 128) near = Math.min(near, Math.hypot(u - x, v - y))
        }
      most = Math.max(most, near)
    }
  return most === 0 ? 0 : 2 * most - 1
}

describe('the widest black of a picture', () => {
  it('is the diameter of a disc and the width of a line', () => {
    const disc = draw(120, 90, (x, y) => Math.hypot(x - 60, y - 40) <= 20)
    expect(widestDarkMm(disc, 10)).toBeGreaterThan(3.9)
    expect(widestDarkMm(disc, 10)).toBeLessThan(4.2)
    expect(
      widestDarkMm(
        draw(100, 40, (_, y) => y >= 10 && y < 15),
        10,
      ),
    ).toBeCloseTo(0.5, 9)
  })
  it('is that of the dots and not of the tone where a picture is screened', () => {
    const dots = draw(200, 200, (x, y) => (x % 6) + (y % 6) < 6)
    expect(widestDarkMm(dots, 10)).toBeLessThan(0.6)
  })
  it('ends at the edge of the plate, and is nothing on a white one', () => {
    expect(
      widestDarkMm(
        draw(30, 60, () => true),
        10,
      ),
    ).toBeCloseTo(2.9, 1)
    expect(
      widestDarkMm(
        draw(30, 60, () => false),
        10,
      ),
    ).toBe(0)
  })
  it('is what looking at every dot finds, on pictures thrown by chance', () => {
    let seed = 7
    const chance = () => (seed = (seed * 48_271) % 2_147_483_647) / 2_147_483_647
    for (let round = 0; round < 20; round++) {
      const share = 0.5 + chance() / 2
      const picture = draw(13 + round, 11, () => chance() < share)
      expect(widestDarkMm(picture, 1)).toBeCloseTo(slowly(picture), 9)
    }
  })
})
