import type { Grey } from './picture'

/** Where a plate mark lies on its sheet, px, upright. */
export interface Box {
  left: number
  top: number
  width: number
  height: number
}

/** How far from its place a plate is looked for, mm. */
const REACH_MM = 10
/** Width of the strips compared on both sides of an edge, mm. */
const STRIP_MM = 1.2

/** Means of a profile's windows: `at(i, n)` is the mean of n entries from i. */
function windows(profile: Float64Array): (from: number, count: number) => number {
  const sums = new Float64Array(profile.length + 1)
  for (let i = 0; i < profile.length; i++) sums[i + 1] = sums[i] + profile[i]
  return (from, count) => {
    const [a, b] = [
      Math.max(0, Math.min(profile.length, from)),
      Math.max(0, Math.min(profile.length, from + count)),
    ]
    return b > a ? (sums[b] - sums[a]) / (b - a) : 0
  }
}

/** Weight of how clear both edges are together, beside that of both being edges at all. */
const TOGETHER = 0.1

/**
 * Where along one axis a span of the plate's length lies best: darker inside its two edges than outside them, near its place. Both have to
 * be edges: a line of the drawing is darker than what is beside it too, but seldom a plate's length from another.
 */
function settle(profile: Float64Array, wanted: number, length: number, reach: number, strip: number): number {
  const mean = windows(profile)
  let best = Math.round(wanted)
  let most = -Infinity
  for (let at = Math.round(wanted - reach); at <= wanted + reach; at++) {
    const [one, other] = [
      mean(at, strip) - mean(at - strip, strip),
      mean(at + Math.round(length) - strip, strip) - mean(at + Math.round(length), strip),
    ]
    const step = Math.sqrt(Math.max(0, one) * Math.max(0, other)) + TOGETHER * (one + other)
    if (step > most) {
      most = step
      best = at
    }
  }
  return best
}

/**
 * Finds the plate mark of a plate of known size on its upright sheet, near where it was wanted: by what is darker inside its edges
 * than outside them, columns first, then rows.
 *
 * @param wanted where the settings place it, px
 */
export function findPlate({ width, height, data }: Grey, wanted: Box, pixelsPerMm: number): Box {
  const reach = Math.round(REACH_MM * pixelsPerMm)
  const strip = Math.max(2, Math.round(STRIP_MM * pixelsPerMm))
  const columns = new Float64Array(width)
  const rows = new Float64Array(height)
  const inside = (value: number, from: number, length: number) =>
    value >= from + 0.1 * length && value < from + 0.9 * length
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const dark = 1 - data[y * width + x]
      if (inside(y, wanted.top, wanted.height)) columns[x] += dark
      if (inside(x, wanted.left, wanted.width)) rows[y] += dark
    }
  }
  return {
    ...wanted,
    left: settle(columns, wanted.left, wanted.width, reach, strip),
    top: settle(rows, wanted.top, wanted.height, reach, strip),
  }
}
