import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { mean } from './mean'
import { PairSums } from './pairSums'

const sumsOf = (pairs: readonly (readonly [number, number])[]): PairSums => {
  const sums = new PairSums()
  for (const [a, b] of pairs) sums.add(a, b)
  return sums
}

describe('sums over pairs', () => {
  it('agree with Anscombe’s first quartet: gain 0.5001, offset 3.0001, correlation 0.81642', () => {
    // Anscombe 1973, "Graphs in Statistical Analysis", The American Statistician 27.
    const sums = sumsOf([
      [10, 8.04],
      [8, 6.95],
      [13, 7.58],
      [9, 8.81],
      [11, 8.33],
      [14, 9.96],
      [6, 7.24],
      [4, 4.26],
      [12, 10.84],
      [7, 4.82],
      [5, 5.68],
    ])
    expect(sums.squaresA).toBeCloseTo(110, 9)
    expect(sums.line.gain).toBeCloseTo(0.50009, 5)
    expect(sums.line.offset).toBeCloseTo(3.00009, 5)
    expect(sums.correlation).toBeCloseTo(0.81642, 5)
  })
  it('are those of the two-pass formulas', () => {
    const value = fc.double({ min: 0, max: 1, noNaN: true })
    fc.assert(
      fc.property(fc.array(fc.tuple(value, value), { minLength: 2, maxLength: 40 }), (pairs) => {
        const [meanA, meanB] = [mean(pairs.map(([a]) => a)), mean(pairs.map(([, b]) => b))]
        const sums = sumsOf(pairs)
        const total = (of: (a: number, b: number) => number) =>
          pairs.reduce((sum, [a, b]) => sum + of(a - meanA, b - meanB), 0)
        expect(sums.squaresA).toBeCloseTo(
          total((a) => a * a),
          9,
        )
        expect(sums.squaresB).toBeCloseTo(
          total((_, b) => b * b),
          9,
        )
        expect(sums.products).toBeCloseTo(
          total((a, b) => a * b),
          9,
        )
        expect(Math.abs(sums.correlation)).toBeLessThanOrEqual(1 + 1e-6)
      }),
    )
  })
  it('that do not vary, or are none, have no correlation', () => {
    expect(new PairSums().correlation).toBe(0)
    expect(
      sumsOf([
        [1, 0],
        [1, 1],
      ]).correlation,
    ).toBe(0)
  })
})
