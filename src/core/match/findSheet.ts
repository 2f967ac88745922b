import { quantileOf } from '../stats/quantileOf'
import { AS_PAPER, darkEdge } from './darkEdge'
import type { EdgeOn } from './edgePoints'
import { levelGround } from './levelGround'
import { softened, type Grey } from './picture'
import { metSheet, type MetSheet } from './sheetSides'

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
  const { edgeOn, spreadPx } = darkEdge(grey, round, paper)
  const met = metSheet(grey, edgeOn, mayBend)
  return met && { ...met, spreadPx: spreadPx() ?? 0 }
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
