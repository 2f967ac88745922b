import { studentProbability } from './studentT'

/** Fewest values on either side of a shift, and in all, from which one is looked for. */
const SIDE = 3
export const SHIFT_FROM = 8

/** The likeliest place at which the mean of a series moved. */
export interface Shift {
  /** index of the first value after it */
  since: number
  /** mean after less mean before */
  by: number
  /** two-sided probability of so large a t, if that place had been named beforehand */
  p: number
}

/**
 * Looks for one shift of the mean in a series: of every place that leaves at least three values on either side, the one with the largest
 * two-sample t (equal variances, pooled). A slow drift shows as a shift near its middle.
 *
 * The place is searched for, and a series is looked at anew with every value: `p` is an order of how plain it is and not the chance of a
 * false alarm. That chance is set by the limit on p, found by simulation (`npm run bench -- alarms`).
 *
 * @returns null with fewer than eight values, or where none of them differs
 */
export function scanShift(values: readonly number[]): Shift | null {
  const n = values.length
  if (n < SHIFT_FROM) return null
  const origin = values[0]
  let [sum, squares] = [0, 0]
  for (const value of values) {
    sum += value - origin
    squares += (value - origin) ** 2
  }
  const about = squares - (sum * sum) / n
  if (!(about > 0)) return null
  let before = 0
  let best = { since: 0, by: 0, t: 0 }
  for (let k = 1; k <= n - SIDE; k++) {
    before += values[k - 1] - origin
    if (k < SIDE) continue
    const by = (sum - before) / (n - k) - before / k
    const between = (by * by * k * (n - k)) / n
    const within = Math.max(about - between, 1e-12 * about) / (n - 2)
    const t = Math.sqrt(between / within)
    if (t > best.t) best = { since: k, by, t }
  }
  if (best.t === 0) return null
  return { since: best.since, by: best.by, p: 2 * (1 - studentProbability(best.t, n - 2)) }
}
