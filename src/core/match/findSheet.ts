import { quantileOf } from '../stats/quantileOf'
import type { EdgeOn } from './edgePoints'
import { levelGround } from './levelGround'
import { softened, type Grey } from './picture'
import { metSheet, type MetSheet } from './sheetSides'

/** A picture whose border is as light as its paper to this share shows nothing darker round the sheet. */
const AS_PAPER = 0.08
/** Pixels in a row that must be paper before an edge is believed. */
const STEADY = 4
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
export interface FoundSheet extends MetSheet {
  /** from a quarter to three quarters of the light across its edge, px: how soft the picture is, whatever is printed; null: its edge is too faint to say */
  spreadPx: number | null
}

/** How light a picture's border is: what lies round a sheet. */
function lightRound({ width, height, data }: Grey): number {
  const border: number[] = []
  for (let x = 0; x < width; x += 3) border.push(data[x], data[(height - 1) * width + x])
  for (let y = 0; y < height; y += 3) border.push(data[y * width], data[y * width + width - 1])
  return quantileOf(border, 0.5)
}

/** A sheet on something darker: rays go in until they meet paper. */
function sheetOnDark(grey: Grey, round: number, paper: number, mayBend: boolean): FoundSheet | null {
  const bound = (paper + round) / 2
  const [quarter, most] = [round + (paper - round) / 4, round + (3 * (paper - round)) / 4]
  const spreads: number[] = []
  const edgeOn: EdgeOn = (pixelAt, deep) => {
    const valueAt = (k: number) => grey.data[pixelAt(k)]
    let before = 0
    let steady = 0
    for (let k = 0; k < deep; k++) {
      const value = valueAt(k)
      if (value <= bound) {
        steady = 0
        before = value
        continue
      }
      steady += 1
      if (steady < STEADY) continue
      // Between the last dark pixel's middle and the first light one's the edge lies where the light is half.
      const first = k - STEADY + 1
      const light = valueAt(first)
      const part = first === 0 || light <= before ? 0 : (bound - before) / (light - before)
      spreads.push(edgeSpread(valueAt, first, quarter, most))
      return first > 0 ? first - 1 + part + 0.5 : null
    }
    return null
  }
  const met = metSheet(grey, edgeOn, mayBend)
  return met && { ...met, spreadPx: spreads.length > 0 ? quantileOf(spreads, 0.5) : 0 }
}

/** Steps in which levels of light are counted. */
const LEVELS = 512
/** Levels nearer to one another than this are not told apart. */
const TOLD_APART = 0.012
/** Darker than this no paper is, beside something white. */
const PAPER_LIGHT = 0.5

/** The light that most of a picture has apart from what lies round the sheet: that of its bare paper, all of one level; null: there is none. */
function bareLevel({ data }: Grey, round: number): number | null {
  const counts = new Uint32Array(LEVELS)
  for (let i = 0; i < data.length; i += 7)
    counts[Math.min(LEVELS - 1, Math.max(0, Math.floor(data[i] * LEVELS)))] += 1
  let best = -1
  for (let level = 1; level < LEVELS - 1; level++) {
    const value = (level + 0.5) / LEVELS
    if (value < PAPER_LIGHT || Math.abs(value - round) < TOLD_APART) continue
    if (best < 0 || counts[level] > counts[best]) best = level
  }
  if (best < 0 || counts[best] === 0) return null
  // The middle of the peak, by its neighbours' weights.
  const [a, b, c] = [counts[best - 1], counts[best], counts[best + 1]]
  return (best + 0.5 + (c - a) / (a + b + c)) / LEVELS
}

/** Of the longer side, how much bare paper must lie within the edge: a shadow beside the sheet passes through every level, but not for so long. */
const BARE = 0.008
/** How far bare paper strays from its level, as a share of how far that is from the ground's: a sheet's own faint shadow strays farther. */
const BARE_SPREAD = 1 / 3
/** Of the rays of each side, how many must have met a faint edge. */
const SEEN_FAINT = 0.6
/** Steps within which an edge lies, and what is just beside it. */
const BESIDE = 4

/**
 * A sheet on something nearly as light, or lighter, as the lid of most scanners is: rays go in until what they meet is bare paper and stays so. Its edge lies half way
 * from what is just beside it, the lid or the sheet's own shadow on it.
 *
 * @param grey in even light: bare paper has one level all over @param round how light what lies round it is
 */
function sheetOnLight(grey: Grey, round: number, mayBend: boolean): FoundSheet | null {
  const paper = bareLevel(grey, round)
  if (paper === null) return null
  const allowed = BARE_SPREAD * Math.abs(paper - round)
  const long = Math.max(8, Math.round(BARE * Math.max(grey.width, grey.height)))
  const isBare = (value: number) => Math.abs(value - paper) < allowed
  // What is looked for is told by softened light, and where it lies by the light itself, which many rays even out.
  const { data: soft } = softened(grey)
  const edgeOn: EdgeOn = (pixelAt, deep) => {
    const valueAt = (k: number) => grey.data[pixelAt(k)]
    let bare = 0
    for (let k = 0; k < deep; k++) {
      bare = isBare(soft[pixelAt(k)]) ? bare + 1 : 0
      if (bare < long) continue
      const first = k - long + 1
      if (first <= BESIDE) return null
      // What lies just beside the sheet: of the last steps the one least like its paper.
      let beside = first - 1
      for (let step = first - BESIDE; step < first; step++)
        if (Math.abs(valueAt(step) - paper) > Math.abs(valueAt(beside) - paper)) beside = step
      const half = (paper + valueAt(beside)) / 2
      const isPast = (value: number) => (paper < half ? value < half : value > half)
      let at = beside + 1
      while (at < first + BESIDE && !isPast(valueAt(at))) at += 1
      const [before, after] = [valueAt(at - 1), valueAt(at)]
      const part = after === before ? 0 : Math.min(1, Math.max(0, (half - before) / (after - before)))
      return at - 1 + part + 0.5
    }
    return null
  }
  const met = metSheet(grey, edgeOn, mayBend)
  return met && met.seen >= SEEN_FAINT ? { ...met, spreadPx: null } : null
}

/**
 * The corners of a sheet, on something darker or on something about as light.
 *
 * @param mayBend whether it is a camera's picture, or nobody knows: a scanner bends nothing
 * @returns null where nothing shows round the sheet, or no four sides are found
 */
export function findSheet(grey: Grey, mayBend = true): FoundSheet | null {
  const all: number[] = []
  for (let i = 0; i < grey.data.length; i += 97) all.push(grey.data[i])
  const [round, paper] = [lightRound(grey), quantileOf(all, 0.9)]
  if (paper - round >= AS_PAPER) return sheetOnDark(grey, round, paper, mayBend)
  const level = levelGround(grey)
  return level && sheetOnLight(level, lightRound(level), mayBend)
}
