import { formatNumber } from '../../units/length'
import type { JudgedPlate } from '../judgedPlate'
import { linesOnlyIn, placesOfLines } from './linesOnlyIn'
import type { CheckResult } from './matchCheck'

/** Line breaks: hearts of lines where the impression, near by, has no line; in per cent of all. @param origin where the picture's corner lies on the sheet */
export function checkBreaks(judged: JudgedPlate, origin: { leftMm: number; topMm: number }): CheckResult {
  const found = linesOnlyIn('reference', judged)
  if (!found) return { check: 'breaks', value: null, words: 'Too few dark lines to say.', places: [] }
  const { percent, parts } = found
  return {
    check: 'breaks',
    value: percent,
    words:
      percent < 0.05 ? 'No line is broken.' : `${formatNumber(percent, 1)} % of the lines did not print.`,
    places: placesOfLines('breaks', 'broken lines', parts, judged, origin),
  }
}
