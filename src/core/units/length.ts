import { shownUnits } from './shownUnits'
import { readQuantity, readTypedNumber } from './typedNumber'

/** Millimetres in an inch, exact by definition (international inch, 1959). */
export const MM_PER_INCH = 25.4

/**
 * Reads a length as a person types it, in millimetres, centimetres, inches or another unit of length.
 *
 * @param text `"190"`, `"190,5 mm"`, `"19 cm"`, `"7 1/2 in"`, `"5-1/2"`, `"7½\""`. Without a unit: what is read first, usually millimetres; a fraction without a unit: inches.
 * @returns millimetres, or `null` when the text is not a length (`"1 1/0"`, `"7 9/4 in"`, `"wide"`).
 * @example parseLength('7 1/2 in') // 190.5
 */
export function parseLength(text: string): number | null {
  const typed = readTypedNumber(text)
  if (!typed || typed.value < 0) return null
  const mm = readQuantity(text, 'mm')
  const isInches = typed.isFraction || shownUnits() === 'inches'
  return typed.unit === '' && isInches ? typed.value * MM_PER_INCH : mm
}

/** Whether a length lies near enough to a sixteenth of an inch that a rule shows it: within 0.2 mm, and within 2 % of a small one. */
export function isOnTheRule(mm: number): boolean {
  const sixteenths = Math.round((Math.abs(mm) / MM_PER_INCH) * 16)
  return Math.abs(Math.abs(mm) - (sixteenths / 16) * MM_PER_INCH) <= Math.min(0.2, 0.02 * Math.abs(mm))
}

/**
 * Writes a length in inches as a fraction to the nearest sixteenth, the way a rule is read.
 *
 * @param mm length in millimetres
 * @returns e.g. `"7 1/2 in"`; a leading `≈` when the sixteenth is more than 0.2 mm off.
 */
export function formatInches(mm: number): string {
  const sixteenths = Math.round((Math.abs(mm) / MM_PER_INCH) * 16)
  const whole = Math.floor(sixteenths / 16)
  let top = sixteenths % 16
  let bottom = 16
  while (top > 0 && top % 2 === 0) {
    top /= 2
    bottom /= 2
  }
  const fraction = top > 0 ? `${top}/${bottom}` : ''
  const number = [whole > 0 || !fraction ? String(whole) : '', fraction].filter(Boolean).join(' ')
  return `${isOnTheRule(mm) ? '' : '≈ '}${mm < 0 ? '−' : ''}${number} in`
}

/** Writes a size with at most one decimal: `190.5 mm`, `12 mm`; where inches are read first as a rule has it, `7 1/2 in`, else `0.47 in`. */
export function formatMm(mm: number): string {
  if (shownUnits() === 'metric') return `${formatNumber(mm, 1)} mm`
  // Below a hand's breadth two decimals would say too little: a tolerance of 0.1 mm is not 0 in.
  return isOnTheRule(mm)
    ? formatInches(mm)
    : `${formatNumber(mm / MM_PER_INCH, Math.abs(mm) < 10 ? 4 : 2)} in`
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
