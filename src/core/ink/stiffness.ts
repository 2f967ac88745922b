import { z } from 'zod'
import { finite, nonNegative, positive } from '../units/schemas'

export const stiffnessInput = z
  .strictObject({
    components: z
      .array(z.strictObject({ viscosityPas: positive, grams: nonNegative }))
      .min(1, { error: 'expected at least one component' }),
    temperatureC: finite,
    referenceC: finite,
    halvingC: positive,
  })
  .superRefine(({ components }, context) => {
    if (!(components.reduce((sum, c) => sum + c.grams, 0) > 0))
      context.addIssue({ code: 'custom', path: ['components'], message: 'grams must add up to more than 0' })
  })
export const stiffnessOutput = z.strictObject({ viscosityPas: finite })

/** Degrees of warming that halve the viscosity of an oil ink [from memory; calibrate by drip or slump test; good for about ±15 °C]. */
export const USUAL_HALVING_C = 8
/** Mass of one drop of plate oil, grams [from memory; calibrate by weighing 20 drops]. */
export const USUAL_DROP_GRAMS = 0.04
/** Viscosity of thin burnt plate oil at 20 °C, Pa·s [from memory; calibrate by drip time]. */
export const THIN_PLATE_OIL_PAS = 1.5
/**
 * Share of the way from room to plate temperature that the ink takes in the lines while it is wiped
 * [common practice, no source: the ink leaves a slab at room temperature for a warm plate].
 */
export const PLATE_SHARE_OF_INK_TEMPERATURE = 0.5

/** What a workshop has measured of its own oil and plates; each value has a usual one from memory until then. */
export const inkCalibrationSchema = z.strictObject({
  halvingC: positive.max(60, { error: 'must be at most 60 °C' }),
  dropGrams: positive.max(1, { error: 'must be at most 1 g' }),
  thinOilPas: positive.max(1000, { error: 'must be at most 1000 Pa·s' }),
  /** minutes in which a plate off the heat loses 63 % of its warmth; null until learned */
  coolingTauMinutes: positive.max(1000, { error: 'must be at most 1000 minutes' }).nullable(),
})
export type InkCalibration = z.infer<typeof inkCalibrationSchema>

/** Values from memory, until the workshop has its own. */
export const USUAL_CALIBRATION: InkCalibration = {
  halvingC: USUAL_HALVING_C,
  dropGrams: USUAL_DROP_GRAMS,
  thinOilPas: THIN_PLATE_OIL_PAS,
  coolingTauMinutes: null,
}

/**
 * Stiffness of a mix: ln η = Σ w_i ln η_i by mass (Arrhenius 1887 mixing rule), halved for every `halvingC` above `referenceC`.
 * Solids such as magnesium carbonate do not follow this rule, and viscosity is not tack.
 *
 * @returns viscosity in Pa·s
 */
export function mixStiffness({
  components,
  temperatureC,
  referenceC,
  halvingC,
}: z.infer<typeof stiffnessInput>): z.infer<typeof stiffnessOutput> {
  const total = components.reduce((sum, c) => sum + c.grams, 0)
  const logged = components.reduce((sum, c) => sum + (c.grams / total) * Math.log(c.viscosityPas), 0)
  return { viscosityPas: Math.exp(logged) * 2 ** ((referenceC - temperatureC) / halvingC) }
}

/** Temperature of the ink on a warmed plate in a cooler room, °C. */
export function inkTemperature(roomC: number, plateC: number): number {
  return roomC + PLATE_SHARE_OF_INK_TEMPERATURE * (plateC - roomC)
}

/** What brings a mix back to its stiffness when the room has changed. */
export interface StiffnessCorrection {
  /** Stiffness today ÷ stiffness wanted; above 1 is stiffer. */
  ratio: number
  /** Drops of thin plate oil to add; 0 when the ink is already too soft: oil cannot come out. */
  dropsToAdd: number
  /** Plate temperature that gives the same stiffness without oil, °C. */
  plateC: number
}

/**
 * "Same stiffness as before at today's temperature."
 * With a the mass of ink and d the mass of a drop, n drops change ln η by (n·d/(a+n·d))·(ln η_oil − ln η_mix); solved for n.
 *
 * @param mixGrams mass of ink on the slab, above 0
 * @param mixPas stiffness of the mix at the shelf's reference temperature, above the oil's
 * @param wantedPas stiffness, at the same temperature, of the mix it should be as stiff as; `mixPas` when it is the same mix
 */
export function correctStiffness(input: {
  mixGrams: number
  mixPas: number
  wantedPas?: number
  before: { roomC: number; plateC: number }
  todayRoomC: number
  calibration?: InkCalibration
}): StiffnessCorrection {
  const {
    mixGrams,
    mixPas,
    wantedPas = mixPas,
    before,
    todayRoomC,
    calibration: { halvingC, dropGrams, thinOilPas } = USUAL_CALIBRATION,
  } = input
  const change = inkTemperature(before.roomC, before.plateC) - inkTemperature(todayRoomC, before.plateC)
  const ratio = 2 ** (change / halvingC) * (mixPas / wantedPas)
  const reach = Math.log(wantedPas * ratio) - Math.log(thinOilPas)
  const share = reach > 0 ? Math.min(0.5, Math.max(0, Math.log(ratio) / reach)) : 0
  const dropsToAdd = (share / (1 - share)) * (mixGrams / dropGrams)
  const plateC =
    before.plateC + (change + halvingC * Math.log2(mixPas / wantedPas)) / PLATE_SHARE_OF_INK_TEMPERATURE
  return { ratio, dropsToAdd, plateC }
}
