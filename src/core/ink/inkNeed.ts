import { z } from 'zod'
import { finite, nonNegative, positive } from '../units/schemas'

/**
 * Ink put on the plate a pull, grams a square centimetre: a small plate (about 10 × 10 cm) takes under a quarter
 * teaspoon, about 1.2 ml, most of which is wiped off again [common practice, no source]. Oil ink taken as 1 g/ml.
 */
export const GRAMS_PER_CM2 = 0.012

/** First estimate of the ink one pull takes, grams, from the size of the plate in millimetres. */
export function estimateGramsPerPull(plateWidthMm: number, plateHeightMm: number): number {
  return (plateWidthMm / 10) * (plateHeightMm / 10) * GRAMS_PER_CM2
}

/** How many pulls a batch still covers: what was mixed less what the pulls took, in whole pulls. */
export function pullsCovered(batchGrams: number, gramsPerPull: number, pullsMade: number): number {
  return Math.max(0, Math.floor((batchGrams - gramsPerPull * pullsMade) / gramsPerPull + 1e-9))
}

/** Density of worked-up oil ink, g/cm³ [from memory]. */
const INK_DENSITY = 1.1

export const inkFromPlateInput = z.strictObject({
  areaCm2: positive,
  /** share of the plate that is lines or bitten tone */
  coverage: finite.min(0, { error: 'must be within 0 and 1' }).max(1, { error: 'must be within 0 and 1' }),
  depthMicrometres: nonNegative.max(2000, { error: 'must be at most 2000 µm' }),
  toneMicrometres: nonNegative.max(50, { error: 'must be at most 50 µm' }),
  /** share of what was put on that the wiping takes off again */
  wipingLoss: finite.min(0, { error: 'must be within 0 and 1' }).lt(1, { error: 'must be below 1' }),
})

/**
 * Ink a pull takes from the plate itself: what the lines hold and the film left beside them, over what wiping leaves.
 * grams = ρ·A·(c·d + (1−c)·t)·10⁻⁴ / (1 − loss), A in cm², d and t in µm.
 */
export function inkFromPlate({
  areaCm2,
  coverage,
  depthMicrometres,
  toneMicrometres,
  wipingLoss,
}: z.infer<typeof inkFromPlateInput>): number {
  return (
    (INK_DENSITY * areaCm2 * (coverage * depthMicrometres + (1 - coverage) * toneMicrometres) * 1e-4) /
    (1 - wipingLoss)
  )
}

/** One weighing of pot or tube: what went in a number of pulls. */
export const potWeighingSchema = z.strictObject({
  grams: positive.max(10_000, { error: 'must be at most 10000 g' }),
  pulls: finite.int({ error: 'must be a whole number' }).min(1, { error: 'must be 1 or more' }),
})
export type PotWeighing = z.infer<typeof potWeighingSchema>

/** Grams a pull takes, with the spread between weighings. */
export interface WeighedNeed {
  gramsPerPull: number
  /** standard deviation of one pull, grams; null from a single weighing */
  spread: number | null
}

/** Grams per pull from weighed pots: the mean over all pulls, and the spread scaled to one pull; null without weighings. */
export function needFromWeighings(weighings: readonly PotWeighing[]): WeighedNeed | null {
  const pulls = weighings.reduce((sum, one) => sum + one.pulls, 0)
  if (pulls === 0) return null
  const mean = weighings.reduce((sum, one) => sum + one.grams, 0) / pulls
  if (weighings.length < 2) return { gramsPerPull: mean, spread: null }
  const scatter =
    weighings.reduce((sum, one) => sum + one.pulls * (one.grams / one.pulls - mean) ** 2, 0) /
    (weighings.length - 1)
  return { gramsPerPull: mean, spread: Math.sqrt(scatter) }
}

/** Spread of one pull's ink taken where nothing was weighed twice, as a share of the mean [from memory]. */
const USUAL_SPREAD = 0.2
/** Normal deviate that 95 % of batches stay under. */
const NINETEEN_OF_TWENTY = 1.645

/** Batch for a number of pulls that suffices nineteen times in twenty: n·mean + 1.645·s·√n. */
export function batchFor(pulls: number, { gramsPerPull, spread }: WeighedNeed): number {
  return (
    pulls * gramsPerPull + NINETEEN_OF_TWENTY * (spread ?? USUAL_SPREAD * gramsPerPull) * Math.sqrt(pulls)
  )
}
