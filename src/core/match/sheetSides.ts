import { mean } from '../stats/mean'
import type { Corners, Spot } from './homography'
import type { Grey } from './picture'

/** Rays sent in from each side, and how far in they look, as a share of the side. */
const RAYS = 160
const REACH = 0.45
/** Rounds of fitting a side; what lies farther off than this, px, is left out of the next. */
const ROUNDS = 4
const LEAST_BOUND = 1.5

/** The value that a share of the values is at most; it sorts what it is given. */
export function quantileOf(values: number[], share: number): number {
  const sorted = values.sort((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]
}

/** a·x + b·y = c with a² + b² = 1. */
interface Line {
  a: number
  b: number
  c: number
}

/** A side of a sheet: its line, how far its middle third bows out beyond its ends, px, and the share of the rays that met it there. */
interface Side {
  line: Line
  bowPx: number
  share: number
}

/** Four sides of a sheet as rays from without met them. */
export interface MetSheet {
  corners: Corners
  /** how far the worst of its sides bows, px */
  bowPx: number
  /** share of the worst side that was seen where it should be */
  seen: number
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
function lineThrough(points: Spot[]): Side | null {
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
    side = { line: found, bowPx: bowOf(used, found), share: used.length / RAYS }
  }
  return side
}

function meet(one: Line, other: Line): Spot | null {
  const det = one.a * other.b - other.a * one.b
  return Math.abs(det) < 1e-9
    ? null
    : [(one.c * other.b - other.c * one.b) / det, (one.a * other.c - other.a * one.c) / det]
}

/** Inwards from the top, the right, the bottom and the left. */
const INWARDS = [
  [0, 1],
  [-1, 0],
  [0, -1],
  [1, 0],
] as const

/**
 * The corners of a sheet: rays go in from each side until they meet its edge, and a straight line is laid through where they met it,
 * whatever a deckle or a torn corner does.
 *
 * @param edgeOn how deep on a ray the edge lies, px from the picture's border; null: it is not met. It is given the pixel of every step, and how many steps there are.
 * @returns null where no four sides are found
 */
export function metSheet(
  { width, height }: Pick<Grey, 'width' | 'height'>,
  edgeOn: (pixelAt: (k: number) => number, deep: number) => number | null,
): MetSheet | null {
  const sides = INWARDS.map(([dx, dy]) => {
    const isDown = dx === 0
    const across = isDown ? width : height
    const deep = Math.floor((isDown ? height : width) * REACH)
    const points: Spot[] = []
    for (let ray = 0; ray < RAYS; ray++) {
      const at = Math.floor(((ray + 0.5) * across) / RAYS)
      const start: Spot = isDown ? [at, dy > 0 ? 0 : height - 1] : [dx > 0 ? 0 : width - 1, at]
      const depth = edgeOn((k) => (start[1] + dy * k) * width + start[0] + dx * k, deep)
      if (depth === null) continue
      points.push(
        isDown ? [at + 0.5, dy > 0 ? depth : height - depth] : [dx > 0 ? depth : width - depth, at + 0.5],
      )
    }
    return lineThrough(points)
  })
  const [top, right, bottom, left] = sides
  if (!top || !right || !bottom || !left) return null
  const corners = [
    meet(top.line, left.line),
    meet(top.line, right.line),
    meet(bottom.line, right.line),
    meet(bottom.line, left.line),
  ]
  const isIn = (spot: Spot | null): spot is Spot =>
    spot !== null &&
    spot[0] > -width * 0.1 &&
    spot[0] < width * 1.1 &&
    spot[1] > -height * 0.1 &&
    spot[1] < height * 1.1
  if (!corners.every(isIn)) return null
  const four = [top, right, bottom, left]
  return {
    corners: corners as unknown as Corners,
    bowPx: Math.max(...four.map(({ bowPx }) => bowPx)),
    seen: Math.min(...four.map(({ share }) => share)),
  }
}
