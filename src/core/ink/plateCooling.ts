import { PLATE_KINDS, type PlateSetting } from '../plate/plate'

/** Heat a cubic millimetre takes up per degree, J/(mm³·K): density × specific heat (CRC Handbook of Chemistry and Physics). */
const HEAT_PER_MM3 = {
  copper: 8.96e-3 * 0.385,
  zinc: 7.14e-3 * 0.388,
  aluminium: 2.7e-3 * 0.897,
  steel: 7.87e-3 * 0.449,
} as const
/** Plastic and card, J/(mm³·K) [from memory]. */
const HEAT_OF_THE_REST = 1.7e-3
/**
 * Heat a plate on a bench gives to a still room over its face, W/(mm²·K): about 10 W/(m²·K), free convection and radiation together
 * (usual of building physics, 1/0.10 m²K/W as ISO 6946 has for upward flow); its back lies on wood or paper and is left out.
 */
const TO_THE_ROOM = 10e-6

/**
 * Minutes in which a plate off the heat loses 63 % of what it is warmer than the room: τ = ρ·c·t / h, for its own metal and thickness.
 * A first figure until the workshop has timed its own plate.
 *
 * @example coolingOf({ kind: 'copper-etched', thicknessMm: 1.6 }) // about 9.2 minutes
 */
export function coolingOf({ kind, thicknessMm }: Pick<PlateSetting, 'kind' | 'thicknessMm'>): number {
  const { metal } = PLATE_KINDS[kind]
  return ((metal ? HEAT_PER_MM3[metal] : HEAT_OF_THE_REST) * thicknessMm) / TO_THE_ROOM / 60
}

/** Share of a plate's warmth above the room that is left after some minutes off the heat (Newton's law of cooling): e^(−t/τ). */
export const warmthLeft = (minutes: number, coolingTauMinutes: number): number =>
  Math.exp(-minutes / coolingTauMinutes)
