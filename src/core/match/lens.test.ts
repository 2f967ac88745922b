import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { lensOf, seenAt, shrunkLens, straightAt } from './lens'

const SIZE = { width: 1600, height: 1200 }
const place = fc.tuple(
  fc.double({ min: 0, max: 1600, noNaN: true }),
  fc.double({ min: 0, max: 1200, noNaN: true }),
)
const bend = fc.double({ min: -0.15, max: 0.15, noNaN: true })

describe('a lens', () => {
  it('takes a place where it is seen to where it lies, and back (property)', () =>
    fc.assert(
      fc.property(place, bend, (spot, by) => {
        const lens = lensOf(SIZE, by)
        const [x, y] = seenAt(lens, straightAt(lens, spot))
        expect(Math.hypot(x - spot[0], y - spot[1])).toBeLessThan(1e-6)
      }),
    ))
  it('leaves the middle alone, and of a barrel brings corners in by its share', () => {
    const lens = lensOf(SIZE, -0.1)
    expect(straightAt(lens, [800, 600])).toEqual([800, 600])
    // Half a diagonal away it is seen at 1 − 0.1 of where it lies.
    const [x, y] = straightAt(lens, [1600, 1200])
    expect([x - 800, y - 600]).toEqual([expect.closeTo(800 / 0.9, 6), expect.closeTo(600 / 0.9, 6)])
  })
  it('is the same lens in a smaller picture (property)', () =>
    fc.assert(
      fc.property(place, bend, (spot, by) => {
        const lens = lensOf(SIZE, by)
        const [x, y] = straightAt(shrunkLens(lens, 4), [spot[0] / 4, spot[1] / 4])
        const whole = straightAt(lens, spot)
        expect(Math.hypot(4 * x - whole[0], 4 * y - whole[1])).toBeLessThan(1e-6)
      }),
    ))
})
