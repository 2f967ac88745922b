import { mean } from '../stats/mean'
import type { Spot } from './homography'
import { lensOf, straightAt } from './lens'
import { lineThrough } from './sideLine'

/** Of the points of a side, the share that must come to lie in a line when the lens is taken away; the rest may be torn. */
const IN_LINE = 0.8
/** How much a lens bends at most, and the least difference that is looked for. */
const MOST_BEND = 0.2
const FINE_BEND = 1e-4
/** How far points are from lying in four lines, as a share of the lines' lengths. */
function outOfLine(sides: readonly Spot[][]): number {
  return sides.reduce((sum, points) => {
    const side = lineThrough(points)
    if (!side) return sum
    const { a, b, c } = side.line
    const along = points.map(([x, y]) => a * y - b * x)
    const length = Math.max(...along) - Math.min(...along)
    const off = points.map(([x, y]) => ((a * x + b * y - c) / length) ** 2).sort((one, other) => one - other)
    return sum + mean(off.slice(0, Math.max(1, Math.floor(IN_LINE * off.length))))
  }, 0)
}

/**
 * What a lens bends by, from edges that are straight in truth (the plumb-line method: Brown, Close-Range Camera Calibration, 1971): that which brings all
 * four sides nearest to straight lines, found by golden sections.
 */
export function bendOfSides(sides: readonly Spot[][], size: { width: number; height: number }): number {
  const offAt = (bend: number) => {
    const lens = lensOf(size, bend)
    return outOfLine(sides.map((points) => points.map((spot) => straightAt(lens, spot))))
  }
  const golden = (Math.sqrt(5) - 1) / 2
  let [from, to] = [-MOST_BEND, MOST_BEND]
  let [low, high] = [to - golden * (to - from), from + golden * (to - from)]
  let [offLow, offHigh] = [offAt(low), offAt(high)]
  while (to - from > FINE_BEND) {
    if (offLow < offHigh) {
      ;[to, high, offHigh] = [high, low, offLow]
      low = to - golden * (to - from)
      offLow = offAt(low)
    } else {
      ;[from, low, offLow] = [low, high, offHigh]
      high = from + golden * (to - from)
      offHigh = offAt(high)
    }
  }
  return (from + to) / 2
}
