import { formatFine } from '../../units/quantity'
import type { JudgedPlate } from '../judgedPlate'
import { linesOnlyIn, placesOfLines } from './linesOnlyIn'
import { FINGER_MM } from './marksCheck'
import type { CheckResult } from './matchCheck'
import { placeOfPixels } from './placesOf'

/** What is thicker than this in the mean is no line but a mark, mm, or px where that is more; and so few lines are marks too. */
const THICK_MM = 0.9
const THICK_PX = 3
/** Pixels at the edge of a part of a picture. */
function edgeOf(part: readonly number[], width: number): number {
  const own = new Set(part)
  return part.filter((i) => [i - 1, i + 1, i - width, i + width].some((next) => !own.has(next))).length
}

/** Whether a part is as large as a fingertip, whose ridges are lines too. */
function isFingertip(part: readonly number[], { width, pixelsPerMm }: JudgedPlate): boolean {
  const { widthMm, heightMm } = placeOfPixels('state', '', part, width, pixelsPerMm, { leftMm: 0, topMm: 0 })
  return Math.min(widthMm, heightMm) >= FINGER_MM && Math.max(widthMm, heightMm) <= 4 * FINGER_MM
}

/**
 * Another state of the plate: how long the lines are that the impression has where the reference has none, mm. What is thick is a mark and
 * no line; a few centimetres are a hair.
 *
 * @param origin where the picture's corner lies on the sheet
 */
export function checkState(judged: JudgedPlate, origin: { leftMm: number; topMm: number }): CheckResult {
  const found = linesOnlyIn('impression', judged)
  if (!found) return { check: 'state', value: null, words: 'Too few dark lines to say.', places: [] }
  const thick = Math.max(THICK_PX, THICK_MM * judged.pixelsPerMm)
  // Twice the area over the edge is how thick a part is in the mean, px; half the edge is how long it is.
  const lines = found.parts
    .map((part) => ({ part, edge: Math.max(1, edgeOf(part, judged.width)) }))
    .filter(({ part, edge }) => (2 * part.length) / edge <= thick && !isFingertip(part, judged))
  const longMm = lines.reduce((sum, { edge }) => sum + edge / 2, 0) / judged.pixelsPerMm
  const words =
    longMm < 0.5
      ? 'No line that the BAT has not.'
      : `${formatFine(longMm, 0)} of lines that are not in the BAT: another state, or scratches.`
  return {
    check: 'state',
    value: longMm,
    words,
    places: placesOfLines(
      'state',
      'lines the BAT has not',
      lines.map(({ part }) => part),
      judged,
      origin,
    ),
  }
}
