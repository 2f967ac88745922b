import { solveLinear } from './solveLinear'

/** What a fit came to. */
export interface Fit {
  parameters: number[]
  /** sum of squared residuals */
  sumOfSquares: number
}

const square = (values: readonly number[]) => values.reduce((sum, value) => sum + value * value, 0)

/**
 * Nonlinear least squares by Levenberg–Marquardt (Marquardt 1963) with a numeric Jacobian.
 *
 * @param residuals gives the residuals for parameters; a non-finite one counts as worse than anything
 * @param start where to begin; @param step relative step of the numeric derivative
 */
export function leastSquares(
  residuals: (parameters: number[]) => number[],
  start: readonly number[],
  { iterations = 200, step = 1e-6 } = {},
): Fit {
  let parameters = [...start]
  let current = residuals(parameters)
  let best = square(current)
  let damping = 1e-3
  for (let i = 0; i < iterations && damping < 1e12; i++) {
    const jacobian = parameters.map((value, p) => {
      const width = step * Math.max(1e-3, Math.abs(value))
      const moved = residuals(parameters.map((other, q) => (q === p ? other + width : other)))
      return moved.map((residual, r) => (residual - current[r]) / width)
    })
    const gradient = jacobian.map((column) => -column.reduce((sum, value, r) => sum + value * current[r], 0))
    const normal = jacobian.map((left, p) =>
      jacobian.map(
        (right, q) => left.reduce((sum, value, r) => sum + value * right[r], 0) * (p === q ? 1 + damping : 1),
      ),
    )
    const move = solveLinear(normal, gradient)
    if (!move) {
      damping *= 10
      continue
    }
    const tried = parameters.map((value, p) => value + move[p])
    const after = residuals(tried)
    const sum = square(after)
    if (sum < best) {
      const gained = best - sum
      parameters = tried
      current = after
      best = sum
      damping = Math.max(1e-12, damping / 5)
      if (gained <= 1e-15 * best) break
    } else damping *= 4
  }
  return { parameters, sumOfSquares: best }
}
