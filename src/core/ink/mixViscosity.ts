import { MODIFIERS, type MixSetting } from './mix'
import type { ShelfInk } from './shelfInk'
import { mixStiffness, USUAL_CALIBRATION, type InkCalibration } from './stiffness'

/** Temperature at which the shelf's viscosities are given, °C. */
export const SHELF_REFERENCE_C = 20

/** Stiffness of a mix with its oils and reducer (solids do not follow the rule) at the shelf's reference temperature, Pa·s; null when an ink is not on the shelf or nothing is in it. */
export function mixViscosity(
  mix: Pick<MixSetting, 'parts' | 'modifiers' | 'puddleGrams'>,
  shelf: readonly Pick<ShelfInk, 'id' | 'viscosityPas'>[],
  { thinOilPas, dropGrams, halvingC }: InkCalibration = USUAL_CALIBRATION,
): number | null {
  const total = mix.parts.reduce((sum, part) => sum + part.parts, 0)
  if (!(total > 0)) return null
  const inks = mix.parts.map(({ inkId, parts }) => ({
    viscosityPas: shelf.find(({ id }) => id === inkId)?.viscosityPas,
    grams: (parts / total) * mix.puddleGrams,
  }))
  if (inks.some(({ viscosityPas }) => viscosityPas === undefined)) return null
  const stirredIn = mix.modifiers.flatMap(({ modifier, amount }) => {
    const { unit, viscosityPas } = MODIFIERS[modifier]
    if (viscosityPas === null) return []
    const grams = unit === 'drops' ? amount * dropGrams : amount
    return [{ viscosityPas: viscosityPas === 'measured' ? thinOilPas : viscosityPas, grams }]
  })
  return mixStiffness({
    components: [
      ...inks.map(({ viscosityPas, grams }) => ({ viscosityPas: viscosityPas!, grams })),
      ...stirredIn,
    ],
    temperatureC: SHELF_REFERENCE_C,
    referenceC: SHELF_REFERENCE_C,
    halvingC,
  }).viscosityPas
}
