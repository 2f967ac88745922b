import { parseLength } from './length'
import { readTypedNumber } from './typedNumber'

/** Two sides, in millimetres. */
export interface Size {
  widthMm: number
  heightMm: number
}

/** What stands between the two sides: a cross, an x or a star, or "by". */
const BETWEEN = /\s*(?:×|\*|(?<=[\d\s"”′″½¼¾⅛⅜⅝⅞]|mm|cm|in)x|\bby\b)\s*/i

/**
 * Reads a size as a person writes it: width, then height. A unit that stands only after the height is both sides'.
 *
 * @param text `"120 × 90"`, `"12x9 cm"`, `"5 by 7 in"`, `"7 1/2\" × 5\""`; without a unit, or with a fraction, as one length is read
 * @returns null where it is no size: one side, three, a side of nothing
 * @example parseSize('12 x 9 cm') // { widthMm: 120, heightMm: 90 }
 */
export function parseSize(text: string): Size | null {
  const sides = text.trim().split(BETWEEN)
  if (sides.length !== 2) return null
  const [width, height] = sides
  const unit = readTypedNumber(height)?.unit ?? ''
  const isBare = readTypedNumber(width)?.unit === ''
  const widthMm = parseLength(isBare && unit !== '' ? `${width} ${unit}` : width)
  const heightMm = parseLength(height)
  return widthMm && heightMm ? { widthMm, heightMm } : null
}
