import { formatNumber } from '../../units/length'
import type { JudgedPlate } from '../judgedPlate'
import type { CheckResult } from './matchCheck'

/** Ink that makes a pixel of the reference the heart of a line, and the share of it below which the impression has none, L*. */
const LINE = 34
const BROKEN = 0.4
/** How far beside its place the impression's line may lie, px. */
const REACH = 2
const FEWEST = 300

/** Line breaks: hearts of lines where the impression, near by, has no line; in per cent of all. */
export function checkBreaks({ width, height, plate, referenceInk, impressionInk, seen }: JudgedPlate): CheckResult {
  let lines = 0
  let broken = 0
  const [left, top] = [Math.max(REACH, Math.round(plate.left)), Math.max(REACH, Math.round(plate.top))]
  const [right, bottom] = [Math.min(width - REACH, Math.round(plate.left + plate.width)), Math.min(height - REACH, Math.round(plate.top + plate.height))]
  for (let y = top; y < bottom; y++) {
    for (let x = left; x < right; x++) {
      const i = y * width + x
      if (referenceInk[i] < LINE || !seen[i]) continue
      lines += 1
      let most = 0
      for (let v = -REACH; v <= REACH; v++) for (let u = -REACH; u <= REACH; u++) if (impressionInk[i + v * width + u] > most) most = impressionInk[i + v * width + u]
      if (most < BROKEN * referenceInk[i]) broken += 1
    }
  }
  if (lines < FEWEST) return { check: 'breaks', value: null, words: 'Too few dark lines to say.', places: [] }
  const share = (100 * broken) / lines
  return { check: 'breaks', value: share, words: share < 0.05 ? 'No line is broken.' : `${formatNumber(share, 1)} % of the lines did not print.`, places: [] }
}
