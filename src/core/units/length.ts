/** Millimetres in an inch, exact by definition (international inch, 1959). */
export const MM_PER_INCH = 25.4

const VULGAR: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
}

/**
 * Reads a length as a person types it, in millimetres, centimetres or inches.
 *
 * @param text `"190"`, `"190,5 mm"`, `"19 cm"`, `"7 1/2 in"`, `"7½\""`. Without a unit: millimetres; a fraction without a unit: inches.
 * @returns millimetres, or `null` when the text is not a length (`"1 1/0"`, `"7 9/4 in"`, `"wide"`).
 * @example parseLength('7 1/2 in') // 190.5
 */
export function parseLength(text: string): number | null {
  const spelled = text
    .trim()
    .toLowerCase()
    .replace(/[½¼¾⅛⅜⅝⅞⅓⅔]/g, (glyph) => ` ${VULGAR[glyph]}`)
  const parts =
    /^\s*(?:(\d+(?:[.,]\d+)?))?\s*(?:(?<=^|\s)(\d+)\s*\/\s*(\d+))?\s*(mm|cm|in|inch|inches|"|″)?$/.exec(
      spelled,
    )
  if (!parts) return null
  const [, whole, top, bottom, unit] = parts
  if (whole === undefined && top === undefined) return null
  let value = whole === undefined ? 0 : Number(whole.replace(',', '.'))
  if (top !== undefined) {
    const fraction = Number(top) / Number(bottom)
    if (!Number.isFinite(fraction) || fraction >= 1 || !Number.isInteger(value)) return null
    value += fraction
  }
  const inInches = unit === undefined ? top !== undefined : !['mm', 'cm'].includes(unit)
  if (inInches) return value * MM_PER_INCH
  return unit === 'cm' ? value * 10 : value
}

/**
 * Writes a length in inches as a fraction to the nearest sixteenth, the way a rule is read.
 *
 * @param mm length in millimetres
 * @returns e.g. `"7 1/2 in"`; a leading `≈` when the sixteenth is more than 0.2 mm off.
 */
export function formatInches(mm: number): string {
  const sixteenths = Math.round((Math.abs(mm) / MM_PER_INCH) * 16)
  const off = Math.abs(Math.abs(mm) - (sixteenths / 16) * MM_PER_INCH)
  const whole = Math.floor(sixteenths / 16)
  let top = sixteenths % 16
  let bottom = 16
  while (top > 0 && top % 2 === 0) {
    top /= 2
    bottom /= 2
  }
  const fraction = top > 0 ? `${top}/${bottom}` : ''
  const number = [whole > 0 || !fraction ? String(whole) : '', fraction].filter(Boolean).join(' ')
  return `${off > 0.2 ? '≈ ' : ''}${mm < 0 ? '−' : ''}${number} in`
}

/** Writes millimetres with at most one decimal: `190.5 mm`, `12 mm`. */
export function formatMm(mm: number): string {
  return `${formatNumber(mm, 1)} mm`
}

/**
 * Writes a number with at most `digits` decimals, no trailing zeros, and a true minus sign.
 *
 * @example formatNumber(-2.50, 2) // "−2.5"
 */
export function formatNumber(value: number, digits: number): string {
  const text = String(Number(value.toFixed(digits)))
  return text === '-0' ? '0' : text.replace('-', '−')
}
