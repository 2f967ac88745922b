import { solveLinear } from '../linear/solveLinear'
import { WEIGHTS_D50, type Xyz } from './convertSpectrumToXyz'
import { SPECTRUM_LENGTH } from './spectrum'

/** Newton steps at the most; colours a surface can have need fewer than twenty. */
const MOST_STEPS = 60

/**
 * The smoothest reflectance that has a colour: least slope squared of z with R = (tanh z + 1)/2, so that R stays within 0 and 1.
 * Source: S. A. Burns, "Numerical methods for smoothest reflectance reconstruction", Color Research & Application 45 (2020), method LHTSS;
 * Newton's method on the Lagrangian. Infinitely many spectra have one colour: this is a guess, and what comes of it is called estimated.
 *
 * @param xyz under D50, Y of the perfect diffuser 1
 * @returns 36 values, or null when no reflectance has this colour
 */
export function smoothSpectrum({ x, y, z }: Xyz): number[] | null {
  const n = SPECTRUM_LENGTH
  const weights = [WEIGHTS_D50.x, WEIGHTS_D50.y, WEIGHTS_D50.z]
  const target = [x, y, z]
  const curve = new Array<number>(n).fill(0)
  const lambda = [0, 0, 0]
  const slope = (i: number, j: number) => (i === j ? (i === 0 || i === n - 1 ? 2 : 4) : Math.abs(i - j) === 1 ? -2 : 0)
  for (let step = 0; step < MOST_STEPS; step++) {
    const tanh = curve.map(Math.tanh)
    const first = tanh.map((t) => (1 - t * t) / 2)
    const pull = weights[0].map((_, i) => lambda[0] * weights[0][i] + lambda[1] * weights[1][i] + lambda[2] * weights[2][i])
    const stationarity = curve.map((value, i) => slope(i, i) * value + (i > 0 ? -2 * curve[i - 1] : 0) + (i < n - 1 ? -2 * curve[i + 1] : 0) + first[i] * pull[i])
    const mismatch = weights.map((weight, c) => weight.reduce((sum, w, i) => sum + (w * (tanh[i] + 1)) / 2, 0) - target[c])
    const residual = [...stationarity, ...mismatch]
    if (residual.every((value) => Math.abs(value) < 1e-10)) return tanh.map((t) => (t + 1) / 2)
    const matrix = residual.map((_, row) =>
      residual.map((__, column) => {
        if (row < n && column < n) return slope(row, column) - (row === column ? 2 * tanh[row] * first[row] * pull[row] : 0)
        if (row < n && column >= n) return first[row] * weights[column - n][row]
        return row >= n && column < n ? first[column] * weights[row - n][column] : 0
      }),
    )
    const move = solveLinear(matrix, residual.map((value) => -value))
    if (!move || move.some((value) => !Number.isFinite(value))) return null
    for (let i = 0; i < n; i++) curve[i] += move[i]
    for (let c = 0; c < 3; c++) lambda[c] += move[n + c]
  }
  return null
}
