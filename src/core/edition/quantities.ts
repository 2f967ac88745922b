import { USUAL_TOLERANCES } from '../tolerance/usualTolerances'
import { formatNumber } from '../units/length'
import { formatCelsius, formatCelsiusStep } from '../units/quantity'

/** What instruments read at a pull. */
export const QUANTITIES = {
  uptakePercent: {
    label: 'Moisture',
    unit: '%',
    min: 0,
    max: 300,
    tolerance: USUAL_TOLERANCES.uptakePercent,
  },
  plateC: { label: 'Plate temperature', unit: '°C', min: -10, max: 90, tolerance: USUAL_TOLERANCES.plateC },
  tone1: { label: 'Tone, dark spot', unit: 'D', min: 0, max: 4, tolerance: USUAL_TOLERANCES.toneD },
  tone2: { label: 'Tone, bright spot', unit: 'D', min: 0, max: 4, tolerance: USUAL_TOLERANCES.toneD },
  tone3: { label: 'Tone, middle spot', unit: 'D', min: 0, max: 4, tolerance: USUAL_TOLERANCES.toneD },
} as const
export type Quantity = keyof typeof QUANTITIES

/** Units of readings that are written in whichever is read first; a difference of degrees has no zero of its own. */
const WRITTEN: Record<string, { value: typeof formatCelsius; step: typeof formatCelsius } | undefined> = {
  '°C': { value: formatCelsius, step: formatCelsiusStep },
}

/** A reading with its unit. @example writeReading('tone1', 0.82) // '0.82 D' */
export const writeReading = (quantity: Quantity, value: number, digits = 2): string =>
  WRITTEN[QUANTITIES[quantity].unit]?.value(value, digits) ??
  `${formatNumber(value, digits)} ${QUANTITIES[quantity].unit}`

/** How far two readings lie apart, with the unit. */
export const writeDifference = (quantity: Quantity, difference: number, digits = 2): string =>
  WRITTEN[QUANTITIES[quantity].unit]?.step(difference, digits) ??
  `${formatNumber(difference, digits)} ${QUANTITIES[quantity].unit}`

export const QUANTITY_KEYS = Object.keys(QUANTITIES) as [Quantity, ...Quantity[]]
