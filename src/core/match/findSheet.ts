import { mean } from '../stats/mean'
import type { Corners, Spot } from './homography'
import type { Grey } from './picture'

/** A picture whose border is as light as its paper to this share shows nothing round the sheet. */
const AS_PAPER = 0.08
/** Rays sent in from each side, and how far in they look, as a share of the side. */
const RAYS = 160
const REACH = 0.45
/** Pixels in a row that must be paper before an edge is believed. */
const STEADY = 4
/** Rounds of fitting a side; what lies farther off than this, px, is left out of the next. */
const ROUNDS = 4
const LEAST_BOUND = 1.5

function quantile(values: number[], share: number): number {
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
    const bound = Math.max(LEAST_BOUND, 2.5 * quantile([...off], 0.5))
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

/** Steps an edge is followed to either side of its middle. */
const FOLLOWED = 12

/** How far along a ray its light takes from one value below an edge to another above it, px. @param middle the first step above the edge's middle */
function edgeSpread(valueAt: (k: number) => number, middle: number, low: number, high: number): number {
  const between = (k: number, level: number) => {
    const [before, after] = [valueAt(k - 1), valueAt(k)]
    return k - (after > before ? Math.min(1, Math.max(0, (after - level) / (after - before))) : 0)
  }
  let [from, to] = [middle, middle]
  while (from > 1 && middle - from < FOLLOWED && valueAt(from - 1) > low) from -= 1
  while (to - middle < FOLLOWED && valueAt(to) < high) to += 1
  return Math.max(0, between(to, high) - between(from, low))
}

/** A sheet as it was found in a picture. */
export interface FoundSheet {
  corners: Corners
  /** how far the worst of its sides bows, px */
  bowPx: number
  /** from a quarter to three quarters of the light across its edge, px: how soft the picture is, whatever is printed */
  spreadPx: number
  /** share of the worst side that was seen where it should be */
  seen: number
}

/**
 * The corners of a sheet that lies on something darker: rays go in from each side until they meet paper, and a straight line is laid
 * through where they met it, whatever a deckle or a torn corner does.
 *
 * @returns null where nothing shows round the sheet, or no four sides are found
 */
export function findSheet({ width, height, data }: Grey): FoundSheet | null {
  const border: number[] = []
  for (let x = 0; x < width; x += 3) border.push(data[x], data[(height - 1) * width + x])
  for (let y = 0; y < height; y += 3) border.push(data[y * width], data[y * width + width - 1])
  const all: number[] = []
  for (let i = 0; i < data.length; i += 97) all.push(data[i])
  const [round, paper] = [quantile(border, 0.5), quantile(all, 0.9)]
  if (paper - round < AS_PAPER) return null
  const bound = (paper + round) / 2
  const [quarter, most] = [round + (paper - round) / 4, round + (3 * (paper - round)) / 4]
  const spreads: number[] = []
  const sides: (Side | null)[] = [
    [0, 1],
    [-1, 0],
    [0, -1],
    [1, 0],
  ].map(([dx, dy]) => {
    const across = dx === 0 ? width : height
    const deep = Math.floor((dx === 0 ? height : width) * REACH)
    const points: Spot[] = []
    for (let ray = 0; ray < RAYS; ray++) {
      const at = Math.floor(((ray + 0.5) * across) / RAYS)
      const start: Spot = dx === 0 ? [at, dy > 0 ? 0 : height - 1] : [dx > 0 ? 0 : width - 1, at]
      const valueAt = (k: number) => data[(start[1] + dy * k) * width + start[0] + dx * k]
      let before = 0
      let steady = 0
      for (let k = 0; k < deep; k++) {
        const value = valueAt(k)
        if (value > bound) {
          steady += 1
          if (steady < STEADY) continue
          // Between the last dark pixel's middle and the first light one's the edge lies where the light is half.
          const first = k - STEADY + 1
          const light = valueAt(first)
          const part = first === 0 || light <= before ? 0 : (bound - before) / (light - before)
          const depth = first - 1 + part + 0.5
          spreads.push(edgeSpread(valueAt, first, quarter, most))
          if (first > 0)
            points.push(
              dx === 0
                ? [at + 0.5, dy > 0 ? depth : height - depth]
                : [dx > 0 ? depth : width - depth, at + 0.5],
            )
          break
        }
        steady = 0
        before = value
      }
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
    spreadPx: spreads.length > 0 ? quantile(spreads, 0.5) : 0,
    seen: Math.min(...four.map(({ share }) => share)),
  }
}
