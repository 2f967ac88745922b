import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { monotoneCubic } from './monotoneCubic'

/** Fritsch & Carlson 1980, SIAM J. Numer. Anal. 17, table of the RPN 14 data (from memory). */
const RPN14 = [
  [7.99, 0],
  [8.09, 2.76429e-5],
  [8.19, 4.37498e-2],
  [8.7, 0.169183],
  [9.2, 0.469428],
  [10, 0.94374],
  [12, 0.998636],
  [15, 0.999919],
  [20, 0.999994],
] as const

/** Points that rise to the right, from steps across and up. */
const rising = fc
  .array(
    fc.tuple(fc.double({ min: 0.01, max: 5, noNaN: true }), fc.double({ min: 0, max: 5, noNaN: true })),
    {
      minLength: 2,
      maxLength: 12,
    },
  )
  .map((steps) => {
    let [x, y] = [0, 0]
    return steps.map(([right, up]) => [(x += right), (y += up)] as const)
  })

describe('a curve through points', () => {
  it('does not swing over where a table jumps', () => {
    const curve = monotoneCubic(
      RPN14.map(([x]) => x),
      RPN14.map(([, y]) => y),
    )
    let before = -1e-12
    for (let x = 7.99; x <= 20; x += 0.01) {
      const value = curve(x)
      expect(value).toBeGreaterThanOrEqual(before - 1e-12)
      expect(value).toBeLessThanOrEqual(1)
      before = value
    }
  })
  it('is the straight line where its points lie on one, beyond its ends too', () => {
    const curve = monotoneCubic([0, 1, 3, 4], [1, 3, 7, 9])
    for (const x of [-2, 0, 0.3, 2, 3.9, 4, 6]) expect(curve(x)).toBeCloseTo(1 + 2 * x, 12)
  })
  it('goes through its points and rises with them', () => {
    fc.assert(
      fc.property(rising, fc.double({ min: 0, max: 1, noNaN: true }), (points, share) => {
        const curve = monotoneCubic(
          points.map(([x]) => x),
          points.map(([, y]) => y),
        )
        for (const [x, y] of points) expect(curve(x)).toBeCloseTo(y, 9)
        const [[from], [to]] = [points[0], points.at(-1)!]
        const x = from + share * (to - from)
        expect(curve(x + 0.01 * (to - from))).toBeGreaterThanOrEqual(curve(x) - 1e-9)
      }),
    )
  })
})
