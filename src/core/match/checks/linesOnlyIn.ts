import type { JudgedPlate } from '../judgedPlate'
import { partsOf } from '../differences'
import { isDarkNear, lightest } from './marksCheck'
import { placeOfPixels } from './placesOf'
import type { FoundPlace, MatchCheck } from './matchCheck'

/** Ink that makes a pixel of a print the heart of a line, L*. */
const LINE = { reference: 34, impression: 18 }
/** A line of the reference is broken where the impression has less than this share of it near by. */
const BROKEN = 0.4
/** Ink of the other print near by that keeps a line from being alone: a line is new where it is darker than all the reference has near by, as a mark is. */
const COMPANY = { reference: (own: number) => BROKEN * own, impression: lightest }
/** How far beside its place the other's line may lie, px. */
const REACH = 2
const FEWEST = 300
/** Hearts nearer to one another than this, mm, are one place; it covers at least so much, mm², and the largest so many are named. */
const GAP_MM = 1
const LEAST_MM2 = 0.15
const MOST = 20

/** Lines of one print that the other has not. */
export interface LonelyLines {
  /** hearts of lines without any near by in the other print, in per cent of all hearts */
  percent: number
  /** connected ones, the largest first, as pixels of the judged picture */
  parts: number[][]
}

/** The lines one print has and the other, near by, has not. @returns null where it has too few dark lines to say */
export function linesOnlyIn(
  which: 'reference' | 'impression',
  { width, height, pixelsPerMm, plate, referenceInk, impressionInk, seen }: JudgedPlate,
): LonelyLines | null {
  const [own, other] = which === 'reference' ? [referenceInk, impressionInk] : [impressionInk, referenceInk]
  const mask = new Uint8Array(width * height)
  let lines = 0
  let lonely = 0
  const [left, top] = [Math.max(REACH, Math.round(plate.left)), Math.max(REACH, Math.round(plate.top))]
  const [right, bottom] = [
    Math.min(width - REACH, Math.round(plate.left + plate.width)),
    Math.min(height - REACH, Math.round(plate.top + plate.height)),
  ]
  for (let y = top; y < bottom; y++) {
    for (let x = left; x < right; x++) {
      const i = y * width + x
      if (own[i] < LINE[which] || !seen[i]) continue
      lines += 1
      const bound = COMPANY[which](own[i])
      if (other[i] >= bound || isDarkNear(other, width, height, i, REACH, bound)) continue
      lonely += 1
      mask[i] = 1
    }
  }
  if (lines < FEWEST) return null
  return {
    percent: (100 * lonely) / lines,
    parts: partsOf(mask, width, height, Math.round(GAP_MM * pixelsPerMm))
      .filter((part) => part.length / pixelsPerMm ** 2 >= LEAST_MM2)
      .sort((a, b) => b.length - a.length),
  }
}

/** The largest of them as places of the sheet. @param origin where the picture's corner lies on the sheet */
export const placesOfLines = (
  check: MatchCheck,
  what: string,
  parts: readonly number[][],
  { width, pixelsPerMm }: Pick<JudgedPlate, 'width' | 'pixelsPerMm'>,
  origin: { leftMm: number; topMm: number },
): FoundPlace[] =>
  parts.slice(0, MOST).map((part) => placeOfPixels(check, what, part, width, pixelsPerMm, origin))
