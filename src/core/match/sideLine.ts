import { mean } from '../stats/mean'
import { quantileOf } from '../stats/quantileOf'
import { RAYS } from './edgePoints'
import type { Spot } from './homography'

/** Rounds of fitting a side; what lies farther off than this, px, is left out of the next. */
const ROUNDS = 4
const LEAST_BOUND = 1.5

/** a·x + b·y = c with a² + b² = 1. */
export interface Line {
  a: number
  b: number
  c: number
}

/** A side of a sheet: its line, how far its middle third bows out beyond its ends, px, and the share of the rays that met it there. */
export interface Side {
  line: Line
  bowPx: number
  /** how far half of its points lie off it at least */
  raggedPx: number
  share: number
}

/** How far the middle third of points along a line lies off it beyond what the others do. */
function bowOf(points: readonly Spot[], { a, b, c }: Line): number {
  const along = points.map(([x, y]) => a * y - b * x)
  const [from, to] = [Math.min(...along), Math.max(...along)]
  const [middle, ends]: [number[], number[]] = [[], []]
  points.forEach(([x, y], i) =>
    (Math.abs((along[i] - from) / (to - from) - 0.5) < 1 / 6 ? middle : ends).push(a * x + b * y - c),
  )
  return middle.length === 0 || ends.length === 0 ? 0 : Math.abs(mean(middle) - mean(ends))
}

/** The line through points that is least far from them, crosswise, those far off left out round by round. */
export function lineThrough(points: Spot[]): Side | null {
  let used = points
  let side: Side | null = null
  for (let round = 0; round < ROUNDS; round++) {
    if (used.length < 8) return side
    const [mx, my] = [
      used.reduce((sum, [x]) => sum + x, 0) / used.length,
      used.reduce((sum, [, y]) => sum + y, 0) / used.length,
    ]
    let [xx, xy, yy] = [0, 0, 0]
    for (const [x, y] of used) {
      xx += (x - mx) ** 2
      xy += (x - mx) * (y - my)
      yy += (y - my) ** 2
    }
    const along = 0.5 * Math.atan2(2 * xy, xx - yy)
    const [a, b] = [-Math.sin(along), Math.cos(along)]
    const found = { a, b, c: a * mx + b * my }
    const off = points.map(([x, y]) => Math.abs(a * x + b * y - found.c))
    const bound = Math.max(LEAST_BOUND, 2.5 * quantileOf([...off], 0.5))
    used = points.filter((_, i) => off[i] <= bound)
    side = {
      line: found,
      bowPx: bowOf(used, found),
      raggedPx: quantileOf([...off], 0.5),
      share: used.length / RAYS,
    }
  }
  return side
}

export function meet(one: Line, other: Line): Spot | null {
  const det = one.a * other.b - other.a * one.b
  return Math.abs(det) < 1e-9
    ? null
    : [(one.c * other.b - other.c * one.b) / det, (one.a * other.c - other.a * one.c) / det]
}
