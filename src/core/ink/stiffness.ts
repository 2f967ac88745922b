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
/**
 * Linseed oils by grade, light to heavy: viscosity at 20 °C, Pa·s, from and to [from memory; makers differ: time a drip]. The light ones
 * soften; the heavy ones hardly do, they add tack and length and guard against over-wiping.
 */
export const OIL_GRADES = {
  raw: { label: 'Raw linseed', from: 0.05, to: 0.05 },
  light: { label: 'Light burnt oil', from: 0.2, to: 0.6 },
  medium: { label: 'Medium burnt oil', from: 3, to: 6 },
  strong: { label: 'Strong burnt oil', from: 15, to: 25 },
  heaviest: { label: 'Heaviest burnt oil', from: 50, to: 150 },
} as const
/** Viscosity taken for a grade until its drip is timed: the middle of its range, by ratio. */
export const oilOfGrade = (grade: keyof typeof OIL_GRADES): number =>
  Math.sqrt(OIL_GRADES[grade].from * OIL_GRADES[grade].to)
/** Light plate oil until the workshop has timed its own, Pa·s. */
export const THIN_PLATE_OIL_PAS = Number(oilOfGrade('light').toFixed(2))
/**
 * Share of the way from room to plate temperature that the ink has in the lines: a thin film on metal takes the metal's warmth within
 * seconds, so that a plate kept warm hardly feels the room [common practice, no source].
 */
export const PLATE_SHARE_OF_INK_TEMPERATURE = 0.9
/** A plate warmer than its room by less than this is not kept warm: it goes with the room, °C. */
const KEPT_WARM = 2
/** Hotter than this a plate cannot be held [common practice, no source], °C. */
export const TOO_HOT_TO_HOLD = 45
/** More oil than this share of the mix is not a matter of drops. */
const MOST_OIL = 0.5

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

/** Temperature of the ink on a warmed plate in a cooler room, °C. @param left share of the plate's warmth that is left at that moment */
export function inkTemperature(roomC: number, plateC: number, left = 1): number {
  return roomC + PLATE_SHARE_OF_INK_TEMPERATURE * left * (plateC - roomC)
}

/** Warmth of a plate when the room has changed: kept warm it stays, else it is as cold as the room, °C. */
export const plateToday = (
  { roomC, plateC }: { roomC: number; plateC: number },
  todayRoomC: number,
): number => (plateC - roomC < KEPT_WARM ? todayRoomC : Math.max(plateC, todayRoomC))

/** What brings a mix back to its stiffness when the room has changed. */
export interface StiffnessCorrection {
  /** Stiffness today ÷ stiffness wanted; above 1 is stiffer. */
  ratio: number
  /** The plate today if nothing is done, °C. */
  plateTodayC: number
  /** Drops of light plate oil to add; 0 when the ink is already too soft: oil cannot come out. */
  dropsToAdd: number
  /** the drops stop at half the mix: oil alone does not do it */
  isOilCapped: boolean
  /** Plate temperature that gives the same stiffness without oil, °C; null: none that can be had. */
  plateC: number | null
  /** why not: hotter than can be held, or colder than the room */
  noPlate: 'too-hot' | 'below-room' | null
}

/**
 * "Same stiffness as before at today's temperature."
 * With a the mass of ink and d the mass of a drop, n drops change ln η by w·(ln η_oil − ln η_mix), w = n·d/(a+n·d), oil and mix at the same
 * temperature, whatever it is; solved for n.
 *
 * What counts is the stiffness under the roller: a plate that cools on its way there has less of its warmth left.
 *
 * @param mixGrams mass of ink on the slab, above 0
 * @param mixPas stiffness of the mix at the shelf's reference temperature, above the oil's
 * @param warmthLeft shares of the plate's warmth left at the roller, then and now; left out: all of it
 * @param wantedPas stiffness, at the same temperature, of the mix it should be as stiff as; `mixPas` when it is the same mix
 */
export function correctStiffness(input: {
  mixGrams: number
  mixPas: number
  wantedPas?: number
  before: { roomC: number; plateC: number }
  todayRoomC: number
  calibration?: InkCalibration
  warmthLeft?: { before: number; today: number }
}): StiffnessCorrection {
  const {
    mixGrams,
    mixPas,
    wantedPas = mixPas,
    before,
    todayRoomC,
    calibration: { halvingC, dropGrams, thinOilPas } = USUAL_CALIBRATION,
    warmthLeft = { before: 1, today: 1 },
  } = input
  const plateTodayC = plateToday(before, todayRoomC)
  const wasC = inkTemperature(before.roomC, before.plateC, warmthLeft.before)
  const change = wasC - inkTemperature(todayRoomC, plateTodayC, warmthLeft.today)
  const ratio = 2 ** (change / halvingC) * (mixPas / wantedPas)
  const reach = Math.log(mixPas) - Math.log(thinOilPas)
  const wanted = reach > 0 ? Math.max(0, Math.log(ratio) / reach) : 0
  const share = Math.min(MOST_OIL, wanted)
  const inkC = wasC + halvingC * Math.log2(mixPas / wantedPas)
  const plateC = todayRoomC + (inkC - todayRoomC) / (PLATE_SHARE_OF_INK_TEMPERATURE * warmthLeft.today)
  const tooCold = plateC < todayRoomC - 1e-9 ? 'below-room' : null
  const noPlate = plateC > TOO_HOT_TO_HOLD + 1e-9 ? 'too-hot' : tooCold
  return {
    ratio,
    plateTodayC,
    dropsToAdd: (share / (1 - share)) * (mixGrams / dropGrams),
    isOilCapped: wanted > MOST_OIL,
    plateC: noPlate === null ? plateC : null,
    noPlate,
  }
}

const correctable = finite
  .min(-20, { error: 'must be within −20 and 60 °C' })
  .max(60, { error: 'must be within −20 and 60 °C' })

const shareLeft = positive.max(1, { error: 'must be at most 1' })

export const stiffnessCorrectInput = z.strictObject({
  mixGrams: positive,
  mixPas: positive,
  wantedPas: positive.optional(),
  before: z.strictObject({ roomC: correctable, plateC: correctable }),
  todayRoomC: correctable,
  calibration: inkCalibrationSchema.optional(),
  warmthLeft: z.strictObject({ before: shareLeft, today: shareLeft }).optional(),
})
export const stiffnessCorrectOutput = z.strictObject({
  ratio: finite,
  plateTodayC: finite,
  dropsToAdd: finite,
  isOilCapped: z.boolean(),
  plateC: finite.nullable(),
  noPlate: z.enum(['too-hot', 'below-room']).nullable(),
})
