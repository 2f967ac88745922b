import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { levenbergMarquardt } from 'ml-levenberg-marquardt'
import { Matrix, solve } from 'ml-matrix'
import { leastSquares } from './leastSquares'
import { solveLinear } from './solveLinear'

const entry = fc.double({ min: -10, max: 10, noNaN: true })
const square = (n: number) =>
  fc.array(fc.array(entry, { minLength: n, maxLength: n }), { minLength: n, maxLength: n })

describe('linear equations', () => {
  it('agree with a matrix library wherever that finds them well posed (property)', () => {
    fc.assert(
      fc.property(square(4), fc.array(entry, { minLength: 4, maxLength: 4 }), (a, b) => {
        const matrix = new Matrix(a)
        const ours = solveLinear(a, b)
        const reference = (() => {
          try {
            return solve(matrix, Matrix.columnVector(b)).to1DArray()
          } catch {
            return null
          }
        })()
        if (!ours || !reference || Math.max(...reference.map(Math.abs)) > 1e4) return
        for (let i = 0; i < 4; i++)
          expect(Math.abs(ours[i] - reference[i])).toBeLessThan(1e-6 * Math.max(1, Math.abs(reference[i])))
      }),
    )
  })
  it('are put back into themselves (property)', () => {
    fc.assert(
      fc.property(square(3), fc.array(entry, { minLength: 3, maxLength: 3 }), (a, x) => {
        const b = a.map((row) => row.reduce((sum, value, i) => sum + value * x[i], 0))
        const found = solveLinear(a, b)
        if (!found || Math.max(...found.map(Math.abs)) > 1e4) return
        a.forEach((row, i) =>
          expect(row.reduce((sum, value, j) => sum + value * found[j], 0)).toBeCloseTo(b[i], 5),
        )
      }),
    )
  })
  it('need rows in another order sometimes', () => {
    expect(
      solveLinear(
        [
          [0, 1],
          [1, 0],
        ],
        [2, 3],
      ),
    ).toEqual([3, 2])
  })
  it('without one answer have none, and nothing handed in is changed', () => {
    const a = [
      [1, 2],
      [2, 4],
    ]
    expect(solveLinear(a, [1, 2])).toBeNull()
    expect(a).toEqual([
      [1, 2],
      [2, 4],
    ])
  })
})

describe('nonlinear least squares', () => {
  const x = [0, 1, 2, 3, 4, 5, 6]
  const model =
    ([a, b]: readonly number[]) =>
    (t: number) =>
      a * Math.exp(b * t)
  it('finds the parameters of exact data again', () => {
    const y = x.map(model([3, -0.4]))
    const { parameters, sumOfSquares } = leastSquares((p) => x.map((t, i) => model(p)(t) - y[i]), [1, -1])
    expect(parameters[0]).toBeCloseTo(3, 6)
    expect(parameters[1]).toBeCloseTo(-0.4, 6)
    expect(sumOfSquares).toBeLessThan(1e-12)
  })
  it('agrees with a general package on scattered data', () => {
    const y = x.map((t, i) => model([3, -0.4])(t) + [0.05, -0.08, 0.06, -0.02, 0.04, -0.05, 0.01][i])
    const ours = leastSquares((p) => x.map((t, i) => model(p)(t) - y[i]), [1, -1])
    const reference = levenbergMarquardt({ x, y }, ([a, b]: number[]) => model([a, b]), {
      initialValues: [2, -0.5],
      maxIterations: 400,
      gradientDifference: 1e-7,
      damping: 0.01,
      errorTolerance: 1e-16,
    })
    expect(ours.parameters[0]).toBeCloseTo(reference.parameterValues[0], 3)
    expect(ours.parameters[1]).toBeCloseTo(reference.parameterValues[1], 3)
  })
  it('never ends worse than it began (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 5, noNaN: true }),
        fc.double({ min: -1, max: 0.2, noNaN: true }),
        (a, b) => {
          const y = x.map((t) => Math.sin(t))
          const residuals = (p: number[]) => x.map((t, i) => model(p)(t) - y[i])
          const before = residuals([a, b]).reduce((sum, value) => sum + value * value, 0)
          expect(leastSquares(residuals, [a, b]).sumOfSquares).toBeLessThanOrEqual(before)
        },
      ),
    )
  })
})
