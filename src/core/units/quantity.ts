import { formatInches, formatNumber, isOnTheRule, MM_PER_INCH } from './length'
import { shownUnits } from './shownUnits'
import { convertQuantity } from './typedNumber'

/** Decimals that say in inches what so many say in millimetres: a whole one is 0.04 in, a hundredth less than a thousandth. */
const finer = (digits: number) => digits + (digits < 2 ? 2 : 1)
/** A gram is 0.035 oz: two decimals more say as much. */
const FINER_OUNCES = 2
/** A square centimetre is 0.155 in². */
const FINER_AREA = 1

/** Writes a small length: `0.25 mm`, or `0.01 in` where inches are read first. @param digits decimals in millimetres */
export function formatFine(mm: number, digits: number): string {
  return shownUnits() === 'metric'
    ? `${formatNumber(mm, digits)} mm`
    : `${formatNumber(mm / MM_PER_INCH, finer(digits))} in`
}

/**
 * Writes small lengths that belong together, with the unit once behind the last.
 *
 * @example formatFines([301.1, 253.7], ' × ', 1) // "301.1 × 253.7 mm"
 */
export const formatFines = (mms: readonly number[], between: string, digits: number): string =>
  `${mms.map((mm) => shownMm(mm, digits)).join(between)} ${lengthUnit()}`

/** Writes a length as a number of the unit that is read first, for a drawing that names the unit once. */
export const shownMm = (mm: number, digits: number): string =>
  shownUnits() === 'metric' ? formatNumber(mm, digits) : formatNumber(mm / MM_PER_INCH, finer(digits))

/** The unit in which lengths are read first. */
export const lengthUnit = (): string => (shownUnits() === 'metric' ? 'mm' : 'in')

/** Writes a length of some centimetres: `73 cm`, or `28.7 in` where inches are read first. */
export const formatCm = (mm: number, digits: number): string =>
  shownUnits() === 'metric'
    ? `${formatNumber(mm / 10, digits)} cm`
    : `${formatNumber(mm / MM_PER_INCH, finer(digits))} in`

/** Writes an area: `216 cm²`, or `33.5 in²` where inches are read first. */
export const formatArea = (cm2: number, digits: number): string =>
  shownUnits() === 'metric'
    ? `${formatNumber(cm2, digits)} cm²`
    : `${formatNumber(convertQuantity(cm2, 'cm²', 'in²')!, digits + FINER_AREA)} in²`

/** Writes a side of a plate or a sheet in whichever unit is read first, with the other beneath it. */
export function bothLengths(mm: number, digits = 2): { first: string; second: string } {
  const metric = `${formatNumber(mm, digits)} mm`
  const inches = isOnTheRule(mm) ? formatInches(mm) : `${formatNumber(mm / MM_PER_INCH, finer(digits))} in`
  return shownUnits() === 'metric'
    ? { first: metric, second: formatInches(mm) }
    : { first: inches, second: metric }
}

/** Writes a mass: `34.9 g`, or `1.231 oz` where ounces are read first. @param digits decimals in grams */
export function formatGrams(grams: number, digits: number): string {
  return shownUnits() === 'metric'
    ? `${formatNumber(grams, digits)} g`
    : `${formatNumber(convertQuantity(grams, 'g', 'oz')!, digits + FINER_OUNCES)} oz`
}

/** Writes a temperature: `20 °C`, or `68 °F` where that is read first. */
export function formatCelsius(celsius: number, digits = 1): string {
  return shownUnits() === 'metric'
    ? `${formatNumber(celsius, digits)} °C`
    : `${formatNumber(convertQuantity(celsius, '°C', '°F')!, digits)} °F`
}

/** Degrees as a number in the unit that is read first, for where a bare ° stands behind it. */
export const shownDegrees = (celsius: number): number =>
  shownUnits() === 'metric' ? celsius : convertQuantity(celsius, '°C', '°F')!

/** A difference of degrees as a number in the unit that is read first. */
export const shownStep = (celsius: number): number =>
  shownUnits() === 'metric' ? celsius : convertQuantity(celsius, '°C', '°F', true)!

/** Writes a difference of temperatures, which has no zero of its own: 4 °C are 7.2 °F. */
export function formatCelsiusStep(celsius: number, digits = 1): string {
  return shownUnits() === 'metric'
    ? `${formatNumber(celsius, digits)} °C`
    : `${formatNumber(shownStep(celsius), digits)} °F`
}

/** What stands in a field for these units where inches are read first. */
const TURNED: Record<string, string> = { mm: 'in', g: 'oz', '°C': '°F', 'cm²': 'in²' }
const FINER_IN_FIELDS: Record<string, number> = { in: 1, oz: FINER_OUNCES, '°F': 0, 'in²': FINER_AREA }

/** A field's unit as it is shown, and the ways between what is kept and what stands in the field. */
export interface ShownUnit {
  unit: string | undefined
  toShown: (kept: number) => number
  toKept: (shown: number) => number
  /** decimals more than the metric value asks */
  finer: number
}

/**
 * The unit in which a field is read: its own, or the one of its kind that is read first. Only the first word is the unit.
 *
 * @param isDifference of two values: degrees then have no zero of their own
 * @example shownUnit('g of ink').unit // 'oz of ink' where ounces are read first
 */
export function shownUnit(unit: string | undefined, isDifference = false): ShownUnit {
  const same = (value: number) => value
  const [first, ...words] = unit?.split(' ') ?? []
  const turned = first && shownUnits() === 'inches' ? TURNED[first] : undefined
  if (!turned) return { unit, toShown: same, toKept: same, finer: 0 }
  return {
    unit: [turned, ...words].join(' '),
    toShown: (kept) => convertQuantity(kept, first, turned, isDifference)!,
    toKept: (shown) => convertQuantity(shown, turned, first, isDifference)!,
    finer: FINER_IN_FIELDS[turned],
  }
}
