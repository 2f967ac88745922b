import { quantileOf } from '../stats/quantileOf'
import type { Grey } from './picture'

/** Where a plate mark lies on its sheet, px, upright. */
export interface Box {
  left: number
  top: number
  width: number
  height: number
}

/** How far from its place a plate is looked for, mm. */
export const PLATE_REACH_MM = 10
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

/** Where a plate may lie anywhere, it lies where so much of all the ink is that a span of its length can hold; of the profile, so much is bare paper. */
const ALL_INK = 0.98
const BARE = 0.05
/** Weight of how clear both edges are together, beside that of both being edges at all. */
const TOGETHER = 0.1

/**
 * Where along one axis a span of the plate's length lies best: darker inside its two edges than outside them, near its place, or where the ink is. Both have to
 * be edges: a line of the drawing is darker than what is beside it too, but seldom a plate's length from another.
 *
 * @returns where it begins, and how much darker it is there inside both its edges, in the profile's unit
 */
function settle(
  profile: Float64Array,
  wanted: number,
  length: number,
  reach: number,
  strip: number,
): { at: number; step: number } {
  const mean = windows(profile)
  const isAnywhere = !Number.isFinite(reach)
  const [from, to] = isAnywhere
    ? [0, profile.length - Math.round(length)]
    : [Math.round(wanted - reach), wanted + reach]
  const paper = quantileOf([...profile], BARE)
  const inkAt = (at: number) => mean(at, Math.round(length)) - paper
  let mostInk = 0
  if (isAnywhere) for (let at = from; at <= to; at++) mostInk = Math.max(mostInk, inkAt(at))
  let best = Math.round(wanted)
  let most = -Infinity
  for (let at = from; at <= to; at++) {
    if (isAnywhere && inkAt(at) < ALL_INK * mostInk) continue
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
  return { at: best, step: Math.max(0, most) }
}

/** A plate mark as it was found, and how clear it is: how much darker the plate is inside its edges than outside, of the way of which that is less, 0 to 1; null: it bleeds both ways. */
export interface PlateMark {
  box: Box
  clear: number | null
}

/**
 * Finds the plate mark of a plate of known size on its upright sheet, near where it was wanted: by what is darker inside its edges
 * than outside them, columns first, then rows.
 *
 * @param wanted where the settings place it, px @param reachMm how far from there it may lie; without end where nobody knows
 */
export function findPlateMark(
  { width, height, data }: Grey,
  wanted: Box,
  pixelsPerMm: number,
  reachMm = { x: PLATE_REACH_MM, y: PLATE_REACH_MM },
): PlateMark {
  const strip = Math.max(2, Math.round(STRIP_MM * pixelsPerMm))
  const columns = new Float64Array(width)
  const rows = new Float64Array(height)
  // Where it may lie anywhere along a way, all of that way is looked at.
  const inside = (value: number, from: number, length: number, isKnown: boolean) =>
    !isKnown || (value >= from + 0.1 * length && value < from + 0.9 * length)
  const isKnown = { x: Number.isFinite(reachMm.x), y: Number.isFinite(reachMm.y) }
  const counted = { x: 0, y: 0 }
  for (let x = 0; x < width; x++) if (inside(x, wanted.left, wanted.width, isKnown.x)) counted.x += 1
  for (let y = 0; y < height; y++) {
    const isInside = inside(y, wanted.top, wanted.height, isKnown.y)
    if (isInside) counted.y += 1
    for (let x = 0; x < width; x++) {
      const dark = 1 - data[y * width + x]
      if (isInside) columns[x] += dark
      if (inside(x, wanted.left, wanted.width, isKnown.x)) rows[y] += dark
    }
  }
  const lies = (from: number, length: number, all: number) => from >= 0 && from + length <= all
  const mm = (value: number) => Math.round(value * pixelsPerMm)
  // A plate that bleeds over a side of its sheet has no two edges that way to be found by.
  const x = lies(wanted.left, wanted.width, width)
    ? settle(columns, wanted.left, wanted.width, mm(reachMm.x), strip)
    : null
  const y = lies(wanted.top, wanted.height, height)
    ? settle(rows, wanted.top, wanted.height, mm(reachMm.y), strip)
    : null
  const clears = [x && x.step / Math.max(1, counted.y), y && y.step / Math.max(1, counted.x)].filter(
    (clear) => clear !== null,
  )
  return {
    box: { ...wanted, left: x?.at ?? Math.round(wanted.left), top: y?.at ?? Math.round(wanted.top) },
    clear: clears.length > 0 ? Math.min(...clears) : null,
  }
}

/** Where that plate mark lies. */
export const findPlate = (...asked: Parameters<typeof findPlateMark>): Box => findPlateMark(...asked).box
