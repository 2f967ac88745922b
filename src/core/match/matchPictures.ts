import { alignCoarsely } from './coarseAlign'
import { findDifferences, type Differences } from './differences'
import { likenessOf } from './likeness'
import { greyOf, pyramidOf, softened, type Grey, type Rgb } from './picture'
import { refineAlignment } from './refineAlign'
import type { Similarity } from './similarity'

/** Longest side of the pictures the rough search sees, px. */
const SEARCHED = 320
/** Drawn squares of two prints of one plate are at least so alike. */
const SAME_PLATE = 0.4
/** Longest side of the pictures the drawing is compared in, px. */
const COMPARED = 700
/** A picture with less spread of lightness than this shows no plate. */
const BLANK = 0.01
const FULL_TURN = 2 * Math.PI

/** Why two pictures cannot be compared, and which of them is to blame. */
export interface MatchRefusal { which: 'reference' | 'impression'; message: string }

/** An impression held against its reference. */
export interface Match extends Differences {
  alignment: Similarity
  correlation: number
  /** how alike the drawing is, −1 to 1 */
  likeness: number
}

function spread({ data }: Grey): number {
  let sum = 0
  let squares = 0
  for (const value of data) {
    sum += value
    squares += value * value
  }
  return Math.sqrt(Math.max(0, squares / data.length - (sum / data.length) ** 2))
}

/** Why a picture is none that could be compared. */
function unusable(which: MatchRefusal['which'], grey: Grey): MatchRefusal | null {
  if (Math.min(grey.width, grey.height) < 32) return { which, message: `has ${grey.width} × ${grey.height} pixels: too few to compare` }
  if (spread(grey) < BLANK) return { which, message: 'is blank: no plate can be seen in it' }
  return null
}

/**
 * Holds an impression against its reference: lays it over, coarse to fine, and finds where it differs. Pictures that stand a quarter
 * turn apart are turned.
 *
 * @param dpi of both pictures
 * @returns the match, or why there is none
 */
export function matchPictures(reference: Rgb, impression: Rgb, dpi: number): Match | MatchRefusal {
  const [ours, theirs] = [greyOf(reference), greyOf(impression)]
  const refusal = unusable('reference', ours) ?? unusable('impression', theirs)
  if (refusal) return refusal
  const [small, smallOther] = [pyramidOf(ours, SEARCHED).at(-1)!, pyramidOf(theirs, SEARCHED).at(-1)!]
  // Both must be equally many times smaller, or a size would be found that is none.
  const times = Math.max(ours.width / small.width, theirs.width / smallOther.width)
  const [a, b] = [levelAt(ours, times), levelAt(theirs, times)]
  const lies = (grey: Grey) => Math.sign(grey.width - grey.height)
  const turned = lies(ours) !== 0 && lies(theirs) !== 0 && lies(ours) !== lies(theirs)
  const compared = 2 ** Math.max(0, Math.ceil(Math.log2(Math.max(ours.width, ours.height) / COMPARED)))
  const [c, d] = [softened(levelAt(ours, compared)), softened(levelAt(theirs, compared))]
  const tryAt = (quarters: readonly number[]) => {
    const coarse = alignCoarsely(a, b, quarters)
    const refined = refineAlignment(ours, theirs, { ...coarse, shiftX: coarse.shiftX * times, shiftY: coarse.shiftY * times })
    return { ...refined, likeness: likenessOf(c, d, { ...refined, shiftX: refined.shiftX / compared, shiftY: refined.shiftY / compared }) ?? refined.correlation }
  }
  let found = tryAt(turned ? [1, 3] : [0])
  if (found.likeness < SAME_PLATE && !turned) found = tryAt([2, 1, 3])
  if (found.likeness < SAME_PLATE) return { which: 'impression', message: 'These do not look like the same plate.' }
  const rotation = found.rotation - FULL_TURN * Math.round(found.rotation / FULL_TURN)
  const alignment = { shiftX: found.shiftX, shiftY: found.shiftY, rotation, scale: found.scale }
  return { alignment, correlation: found.correlation, likeness: found.likeness, ...findDifferences(reference, impression, alignment, dpi) }
}

/** A picture so many times smaller, a power of two. */
function levelAt(grey: Grey, times: number): Grey {
  return pyramidOf(grey, 1)[Math.round(Math.log2(times))]
}
