import { formatNumber } from '../../units/length'
import type { JudgedPlate } from '../judgedPlate'
import { partsOf } from '../differences'
import { placeOfPixels } from './placesOf'
import type { CheckResult, FoundPlace } from './matchCheck'

/** Ink that makes a pixel of the reference the heart of a line, and the share of it below which the impression has none, L*. */
const LINE = 34
const BROKEN = 0.4
/** How far beside its place the impression's line may lie, px. */
const REACH = 2
const FEWEST = 300
/** Broken hearts nearer to one another than this, mm, are one place; it covers at least so much, mm², and the largest so many are named. */
const GAP_MM = 1
const LEAST_MM2 = 0.15
const MOST = 20

/** Line breaks: hearts of lines where the impression, near by, has no line; in per cent of all. @param origin where the picture's corner lies on the sheet */
export function checkBreaks(
  { width, height, pixelsPerMm, plate, referenceInk, impressionInk, seen }: JudgedPlate,
  origin: { leftMm: number; topMm: number },
): CheckResult {
  const mask = new Uint8Array(width * height)
  let lines = 0
  let broken = 0
  const [left, top] = [Math.max(REACH, Math.round(plate.left)), Math.max(REACH, Math.round(plate.top))]
  const [right, bottom] = [
    Math.min(width - REACH, Math.round(plate.left + plate.width)),
    Math.min(height - REACH, Math.round(plate.top + plate.height)),
  ]
  for (let y = top; y < bottom; y++) {
    for (let x = left; x < right; x++) {
      const i = y * width + x
      if (referenceInk[i] < LINE || !seen[i]) continue
      lines += 1
      let most = 0
      for (let v = -REACH; v <= REACH; v++)
        for (let u = -REACH; u <= REACH; u++)
          if (impressionInk[i + v * width + u] > most) most = impressionInk[i + v * width + u]
      if (most >= BROKEN * referenceInk[i]) continue
      broken += 1
      mask[i] = 1
    }
  }
  if (lines < FEWEST) return { check: 'breaks', value: null, words: 'Too few dark lines to say.', places: [] }
  const share = (100 * broken) / lines
  const places = partsOf(mask, width, height, Math.round(GAP_MM * pixelsPerMm))
    .filter((part) => part.length / pixelsPerMm ** 2 >= LEAST_MM2)
    .sort((a, b) => b.length - a.length)
    .slice(0, MOST)
    .map((part): FoundPlace => placeOfPixels('breaks', 'broken lines', part, width, pixelsPerMm, origin))
  return {
    check: 'breaks',
    value: share,
    words: share < 0.05 ? 'No line is broken.' : `${formatNumber(share, 1)} % of the lines did not print.`,
    places,
  }
}
