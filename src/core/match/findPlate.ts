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
/** Half of the width over which a plate's rim, pressed into the paper, throws its shadow, mm. */
const RIM_MM = 0.4
/** At the end of its reach, a place speaks so much less for a plate than where it is wanted [bench photographs: plate marks]. */
const FAR = 0.4
/** Places nearer to the best than this are that same edge, mm. */
const SAME_EDGE_MM = 1.5

/** Where a span lies best, how much speaks for it there, and how many times as much as for any other place. */
interface Settled {
  at: number
  clear: number
  times: number
}

/**
 * Where along one axis a span of the plate's length lies best: darker inside its two edges than outside them, each edge in a rim's shadow, near its place, or where the ink
 * is. Both have to be edges: a drawing that ends within the plate has one that is stronger than the plate's own, but seldom another a plate's length from it.
 */
function settle(
  profile: Float64Array,
  wanted: number,
  length: number,
  reach: number,
  pixelsPerMm: number,
): Settled {
  const mean = windows(profile)
  const strip = Math.max(2, Math.round(STRIP_MM * pixelsPerMm))
  const rim = Math.max(1, Math.round(RIM_MM * pixelsPerMm))
  const isAnywhere = !Number.isFinite(reach)
  const [from, to] = isAnywhere
    ? [0, profile.length - Math.round(length)]
    : [Math.round(wanted - reach), Math.floor(wanted + reach)]
  const paper = quantileOf([...profile], BARE)
  const inkAt = (at: number) => mean(at, Math.round(length)) - paper
  let mostInk = 0
  if (isAnywhere) for (let at = from; at <= to; at++) mostInk = Math.max(mostInk, inkAt(at))
  const both = (one: number, other: number) => Math.sqrt(Math.max(0, one) * Math.max(0, other))
  const shadowAt = (edge: number) =>
    mean(edge - rim, 2 * rim) - (mean(edge - 3 * rim, 2 * rim) + mean(edge + rim, 2 * rim)) / 2
  const clearAt = (at: number): number => {
    const end = at + Math.round(length)
    return (
      both(mean(at, strip) - mean(at - strip, strip), mean(end - strip, strip) - mean(end, strip)) +
      both(shadowAt(at), shadowAt(end))
    )
  }
  const tried: { at: number; clear: number; speaks: number }[] = []
  for (let at = from; at <= to; at++) {
    if (isAnywhere && inkAt(at) < ALL_INK * mostInk) continue
    const clear = clearAt(at)
    tried.push({ at, clear, speaks: clear * (isAnywhere ? 1 : 1 - FAR * ((at - wanted) / reach) ** 2) })
  }
  const nothing = { at: Math.round(wanted), clear: 0, speaks: 0 }
  const best = tried.reduce((most, one) => (one.speaks > most.speaks ? one : most), nothing)
  const second = tried
    .filter(({ at }) => Math.abs(at - best.at) > SAME_EDGE_MM * pixelsPerMm)
    .reduce((most, { speaks }) => Math.max(most, speaks), 0)
  return { at: best.at, clear: best.clear, times: second > 0 ? best.speaks / second : Infinity }
}

/** A plate mark is sure where it is at least so clear and so many times as much speaks for its place as for any other [bench photographs: plate marks]. */
const SURE = { clear: 0.008, times: 1.5 }

/** A plate mark as it was found. */
export interface PlateMark {
  box: Box
  /** how much darker the plate is inside its edges than outside, of the way of which that is less, 0 to 1; null: it bleeds both ways */
  clear: number | null
  /** whether no other place speaks nearly as much for itself; of a way it bleeds nothing is asked */
  isSure: boolean
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
  // Profiles as lightness lost, 0 to 1.
  const settled = (profile: Float64Array, count: number, from: number, length: number, reach: number) =>
    settle(
      profile.map((dark) => dark / Math.max(1, count)),
      from,
      length,
      mm(reach),
      pixelsPerMm,
    )
  // A plate that bleeds over a side of its sheet has no two edges that way to be found by.
  const x = lies(wanted.left, wanted.width, width)
    ? settled(columns, counted.y, wanted.left, wanted.width, reachMm.x)
    : null
  const y = lies(wanted.top, wanted.height, height)
    ? settled(rows, counted.x, wanted.top, wanted.height, reachMm.y)
    : null
  const ways = [x, y].filter((way) => way !== null)
  return {
    box: { ...wanted, left: x?.at ?? Math.round(wanted.left), top: y?.at ?? Math.round(wanted.top) },
    clear: ways.length > 0 ? Math.min(...ways.map(({ clear }) => clear)) : null,
    isSure: ways.every(({ clear, times }) => clear >= SURE.clear && times >= SURE.times),
  }
}
