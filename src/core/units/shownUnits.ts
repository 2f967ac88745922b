/** Which units a workshop reads first; everything is reckoned and kept in millimetres, grams and degrees Celsius whatever is shown. */
export const UNIT_ORDERS = {
  metric: 'Millimetres, °C, grams',
  inches: 'Inches, °F, ounces',
} as const
export type UnitOrder = keyof typeof UNIT_ORDERS
export const UNIT_ORDER_KEYS = Object.keys(UNIT_ORDERS) as [UnitOrder, ...UnitOrder[]]

/**
 * The order hangs on the process, or on the page: one workshop is open in either, and every sentence with a quantity asks it. Handing it
 * through every function that writes one would put it into a hundred signatures and change no number.
 */
const shown = globalThis as typeof globalThis & { typothesisUnits?: UnitOrder }

/** The units that are read first. */
export const shownUnits = (): UnitOrder => shown.typothesisUnits ?? 'metric'

/** Sets which units are read first from now on. */
export function showUnits(order: UnitOrder): void {
  shown.typothesisUnits = order
}
