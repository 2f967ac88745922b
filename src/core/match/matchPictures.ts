import { alignRoughly } from './coarseAlign'
import { findDifferences, type Differences } from './differences'
import { likenessOf } from './likeness'
import { greyOf, pyramidOf, shrunk, softened, type Grey, type Rgb } from './picture'
import { refineAlignment } from './refineAlign'
import type { Similarity } from './similarity'

/** Finer than this nobody judges a print: both pictures are laid over one another and compared at about so many dots an inch. */
const JUDGED_DPI = 150
/** Drawn squares of two prints of one plate are at least so alike. */
const SAME_PLATE = 0.4
/** Longest side of the pictures the drawing is compared in, px. */
const COMPARED = 700
/** A picture with less spread of lightness than this shows no plate. */
const BLANK = 0.01
const FULL_TURN = 2 * Math.PI

/** What keeps pictures from being compared: too few pixels, nothing to see, no sheet that could be straightened, or two plates. */
export type RefusalReason =
  | { code: 'too-small'; widthPx: number; heightPx: number }
  | { code: 'blank' }
  | { code: 'no-sheet' }
  | { code: 'corners-crossed' }
  | { code: 'plate-cut' }
  /** where the edges of a sheet are not seen, that may be why */
  | { code: 'another-plate'; unseen?: 'reference' | 'impression' }

/** Why two pictures cannot be compared, and which of them is to blame. */
export interface MatchRefusal {
  which: 'reference' | 'impression'
  reason: RefusalReason
}

/** How an impression lies over its reference, and how surely. */
export interface Alignment {
  alignment: Similarity
  correlation: number
  /** how alike the drawing is, −1 to 1 */
  likeness: number
}

/** An impression held against its reference. */
export interface Match extends Alignment, Differences {}

/** Standard deviation of a picture's lightness, from every seventh pixel of every other row. */
function spread({ width, height, data }: Grey): number {
  let sum = 0
  let squares = 0
  let count = 0
  for (let y = 0; y < height; y += height > 100 ? 2 : 1) {
    for (let i = y * width + (y % 7), end = (y + 1) * width; i < end; i += width > 100 ? 7 : 1) {
      sum += data[i]
      squares += data[i] * data[i]
      count += 1
    }
  }
  return Math.sqrt(Math.max(0, squares / count - (sum / count) ** 2))
}

/** Why a picture is none that could be compared. */
function unusable(which: MatchRefusal['which'], grey: Grey): MatchRefusal | null {
  if (Math.min(grey.width, grey.height) < 32)
    return { which, reason: { code: 'too-small', widthPx: grey.width, heightPx: grey.height } }
  if (spread(grey) < BLANK) return { which, reason: { code: 'blank' } }
  return null
}

/**
 * Lays an impression over its reference, coarse to fine. Pictures that stand a quarter turn apart are turned.
 *
 * @returns how it lies, or why that cannot be said
 */
export function alignPictures(reference: Rgb, impression: Rgb): Alignment | MatchRefusal {
  const [ours, theirs] = [greyOf(reference), greyOf(impression)]
  const refusal = unusable('reference', ours) ?? unusable('impression', theirs)
  if (refusal) return refusal
  const [references, impressions] = [pyramidOf(ours, 1), pyramidOf(theirs, 1)]
  const level = Math.min(references.length, impressions.length) - 1
  const lies = (grey: Grey) => Math.sign(grey.width - grey.height)
  const turned = lies(ours) !== 0 && lies(theirs) !== 0 && lies(ours) !== lies(theirs)
  const at = Math.min(level, Math.max(0, Math.ceil(Math.log2(Math.max(ours.width, ours.height) / COMPARED))))
  const compared = 2 ** at
  const [c, d] = [softened(references[at]), softened(impressions[at])]
  const tryAt = (quarters: readonly number[]) => {
    const refined = refineAlignment(references, impressions, alignRoughly(references, impressions, quarters))
    return {
      ...refined,
      likeness:
        likenessOf(c, d, {
          ...refined,
          shiftX: refined.shiftX / compared,
          shiftY: refined.shiftY / compared,
        }) ?? refined.correlation,
    }
  }
  let found = tryAt(turned ? [1, 3] : [0])
  if (found.likeness < SAME_PLATE && !turned) found = tryAt([2, 1, 3])
  if (found.likeness < SAME_PLATE) return { which: 'impression', reason: { code: 'another-plate' } }
  const rotation = found.rotation - FULL_TURN * Math.round(found.rotation / FULL_TURN)
  return {
    alignment: { shiftX: found.shiftX, shiftY: found.shiftY, rotation, scale: found.scale },
    correlation: found.correlation,
    likeness: found.likeness,
  }
}

/**
 * Holds an impression against its reference: lays it over and finds where it differs.
 *
 * @param dpi of both pictures
 * @returns the match, or why there is none
 */
export function matchPictures(reference: Rgb, impression: Rgb, dpi: number): Match | MatchRefusal {
  const times = Math.max(1, Math.round(dpi / JUDGED_DPI))
  const [ours, theirs] = [shrunk(reference, times), shrunk(impression, times)]
  const laid = alignPictures(ours, theirs)
  if ('which' in laid) return laid
  const { shiftX, shiftY, rotation, scale } = laid.alignment
  return {
    ...laid,
    alignment: { shiftX: shiftX * times, shiftY: shiftY * times, rotation, scale },
    ...findDifferences(ours, theirs, laid.alignment, dpi / times),
  }
}
