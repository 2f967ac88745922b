import { solveLinear } from '../linear/solveLinear'
import { WEIGHTS_D50, type Xyz } from './convertSpectrumToXyz'
import { SPECTRUM_LENGTH } from './spectrum'

/** Newton steps at the most; colours a surface can have need fewer than twenty. */
const MOST_STEPS = 80
const MOST_HALVINGS = 12
const WEIGHTS = [WEIGHTS_D50.x, WEIGHTS_D50.y, WEIGHTS_D50.z]

/** The curve z over wavelength, and the multipliers of the three colour conditions. */
interface State {
  curve: number[]
  lambda: number[]
}

const size = (values: readonly number[]) => Math.max(...values.map(Math.abs))
const walk = ({ curve, lambda }: State, move: readonly number[], share: number): State => ({
  curve: curve.map((value, i) => value + share * move[i]),
  lambda: lambda.map((value, c) => value + share * move[SPECTRUM_LENGTH + c]),
})
/** Second differences of the squared slope, with free ends. */
const slope = (i: number, j: number) => {
  if (i === j) return i === 0 || i === SPECTRUM_LENGTH - 1 ? 2 : 4
  if (Math.abs(i - j) === 1) return -2
  return 0
}
const pullOf = ({ lambda }: State, i: number) =>
  lambda[0] * WEIGHTS[0][i] + lambda[1] * WEIGHTS[1][i] + lambda[2] * WEIGHTS[2][i]

/** Derivatives of the Lagrangian: all zero at the smoothest curve of the colour. */
function stationarity(state: State, target: readonly number[]): number[] {
  const tanh = state.curve.map(Math.tanh)
  const { curve } = state
  const smooth = curve.map(
    (value, i) =>
      slope(i, i) * value +
      (i > 0 ? -2 * curve[i - 1] : 0) +
      (i < curve.length - 1 ? -2 * curve[i + 1] : 0) +
      ((1 - tanh[i] ** 2) / 2) * pullOf(state, i),
  )
  return [
    ...smooth,
    ...WEIGHTS.map((weight, c) => weight.reduce((sum, w, i) => sum + (w * (tanh[i] + 1)) / 2, 0) - target[c]),
  ]
}

function jacobian(state: State): number[][] {
  const n = SPECTRUM_LENGTH
  const tanh = state.curve.map(Math.tanh)
  const first = tanh.map((t) => (1 - t * t) / 2)
  return Array.from({ length: n + 3 }, (_, row) =>
    Array.from({ length: n + 3 }, (__, column) => {
      if (row < n && column < n)
        return slope(row, column) - (row === column ? 2 * tanh[row] * first[row] * pullOf(state, row) : 0)
      if (row < n && column >= n) return first[row] * WEIGHTS[column - n][row]
      return row >= n && column < n ? first[column] * WEIGHTS[row - n][column] : 0
    }),
  )
}

/**
 * The smoothest reflectance that has a colour: least slope squared of z with R = (tanh z + 1)/2, so that R stays within 0 and 1.
 * Source: S. A. Burns, "Numerical methods for smoothest reflectance reconstruction", Color Research & Application 45 (2020), method LHTSS;
 * Newton's method on the Lagrangian. Infinitely many spectra have one colour: this is a guess, and what comes of it is called estimated.
 *
 * @param xyz under D50, Y of the perfect diffuser 1
 * @returns 36 values, or null when no reflectance has this colour
 */
export function smoothSpectrum({ x, y, z }: Xyz): number[] | null {
  const target = [x, y, z]
  let state: State = { curve: new Array<number>(SPECTRUM_LENGTH).fill(0), lambda: [0, 0, 0] }
  let equations = stationarity(state, target)
  for (let step = 0; step < MOST_STEPS; step++) {
    if (size(equations) < 1e-10) return state.curve.map((value) => (Math.tanh(value) + 1) / 2)
    const move = solveLinear(
      jacobian(state),
      equations.map((value) => -value),
    )
    if (!move || move.some((value) => !Number.isFinite(value))) return null
    // A full step may overshoot where the curve is flat: halve it until it brings the equations nearer.
    let share = 1
    let next = walk(state, move, share)
    let after = stationarity(next, target)
    for (let halving = 0; halving < MOST_HALVINGS && !(size(after) < size(equations)); halving++) {
      share /= 2
      next = walk(state, move, share)
      after = stationarity(next, target)
    }
    state = next
    equations = after
  }
  return null
}
