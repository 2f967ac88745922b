import { z } from 'zod'
import { finite, label, nonNegative, positive } from '../units/schemas'

/**
 * Ink put on the plate for a pull, grams a square decimetre: about 1 to 1.5 [from memory, to be weighed]. A small plate of 1 dm² takes
 * under a quarter teaspoon, about 1.2 ml [common practice, no source]. Put on is not used up: what is carded off goes back to the slab.
 */
export const PUT_ON_PER_DM2 = 1.2
/** Share of what is put on that is carded back to the slab: 40 to 70 % [from memory, to be weighed]. */
export const USUALLY_RETURNED = 0.55
/** How far an amount that nobody weighed may be off, as a share [from memory]. */
export const UNWEIGHED = 0.3

/** First estimate of the ink put on for one pull, grams, from the size of the plate in millimetres. */
export const estimatePutOn = (plateWidthMm: number, plateHeightMm: number): number =>
  (plateWidthMm / 100) * (plateHeightMm / 100) * PUT_ON_PER_DM2

/** First estimate of the ink one pull uses up, grams: put on less what usually goes back to the slab. */
export const estimateGramsPerPull = (plateWidthMm: number, plateHeightMm: number): number =>
  estimatePutOn(plateWidthMm, plateHeightMm) * (1 - USUALLY_RETURNED)

/** How many pulls a batch still covers: what was mixed less what the pulls used up, in whole pulls. */
export function pullsCovered(batchGrams: number, gramsPerPull: number, pullsMade: number): number {
  return Math.max(0, Math.floor((batchGrams - gramsPerPull * pullsMade) / gramsPerPull + 1e-9))
}

/** Density of worked-up oil ink, g/cm³ [from memory]. */
const INK_DENSITY = 1.1

const share = finite.min(0, { error: 'must be within 0 and 1' }).max(1, { error: 'must be within 0 and 1' })

export const inkFromPlateInput = z
  .strictObject({
    areaCm2: positive,
    /** share of the plate that is lines or bitten tone */
    coverage: share,
    depthMicrometres: nonNegative.max(2000, { error: 'must be at most 2000 µm' }),
    toneMicrometres: nonNegative.max(50, { error: 'must be at most 50 µm' }),
    /** share of what was put on that the wiping takes off again, card and rags together */
    wipedOff: share.lt(1, { error: 'must be below 1' }),
    /** share of what was put on that is carded back to the slab */
    returned: share,
  })
  .refine(({ wipedOff, returned }) => returned <= wipedOff, {
    path: ['returned'],
    error: 'more cannot go back than is wiped off',
  })

/** Where the ink of one pull goes, grams. */
export interface InkOfAPull {
  putOn: number
  returned: number
  /** put on less returned: what the pot loses for good */
  usedUp: number
  /** what the lines and the tone hold */
  onPlate: number
}

/**
 * Where the ink of a pull goes, from the plate itself: what the lines hold and the film left beside them, over what wiping leaves.
 * on the plate = ρ·A·(c·d + (1−c)·t)·10⁻⁴, put on = that / (1 − wiped off), A in cm², d and t in µm; used up = put on · (1 − returned).
 */
export function inkFromPlate({
  areaCm2,
  coverage,
  depthMicrometres,
  toneMicrometres,
  wipedOff,
  returned,
}: z.infer<typeof inkFromPlateInput>): InkOfAPull {
  const onPlate =
    INK_DENSITY * areaCm2 * (coverage * depthMicrometres + (1 - coverage) * toneMicrometres) * 1e-4
  const putOn = onPlate / (1 - wipedOff)
  return { putOn, returned: putOn * returned, usedUp: putOn * (1 - returned), onPlate }
}

/** Grams of ink in a puddle on the slab: a flat cylinder, ρ·π·d²·h/4; 40 mm across and 3 mm high are about 4 g. Good to about `UNWEIGHED`. */
export const puddleGrams = ({ diameterMm, heightMm }: { diameterMm: number; heightMm: number }): number =>
  (INK_DENSITY * Math.PI * diameterMm * diameterMm * heightMm) / 4000

/** One weighing: what went out of the pot onto the slab for a number of pulls, and what was scraped back, where that was weighed. */
export const potWeighingSchema = z
  .strictObject({
    grams: positive.max(10_000, { error: 'must be at most 10000 g' }),
    pulls: finite.int({ error: 'must be a whole number' }).min(1, { error: 'must be 1 or more' }),
    returnedGrams: nonNegative.nullish(),
    /** the run's mix it was; left out: the first */
    mixId: label.nullish(),
  })
  .refine(({ grams, returnedGrams }) => (returnedGrams ?? 0) < grams, {
    path: ['returnedGrams'],
    error: 'must be less than what was put on',
  })
export type PotWeighing = z.infer<typeof potWeighingSchema>

/** Ink a pull uses up, by weighings. */
export interface WeighedNeed {
  /** grams used up a pull */
  mean: number
  /** standard deviation of one pull, grams; null from a single weighing */
  sd: number | null
  /** weighings, and the pulls they are over */
  n: number
  pulls: number
  /** share of what was put on that went back, where that was weighed; null: nowhere */
  returned: number | null
}

/** Grams a pull uses up from weighed pots: the mean over all pulls, and the spread scaled to one pull; null without weighings. */
export function needFromWeighings(weighings: readonly PotWeighing[]): WeighedNeed | null {
  const pulls = weighings.reduce((sum, one) => sum + one.pulls, 0)
  if (pulls === 0) return null
  const used = weighings.map(({ grams, returnedGrams, pulls: own }) => ({
    grams: grams - (returnedGrams ?? 0),
    pulls: own,
  }))
  const mean = used.reduce((sum, { grams }) => sum + grams, 0) / pulls
  const scatter = used.reduce((sum, { grams, pulls: own }) => sum + own * (grams / own - mean) ** 2, 0)
  const back = weighings.filter(({ returnedGrams }) => typeof returnedGrams === 'number')
  return {
    mean,
    sd: weighings.length < 2 ? null : Math.sqrt(scatter / (weighings.length - 1)),
    n: weighings.length,
    pulls,
    returned:
      back.length === 0
        ? null
        : back.reduce((sum, { returnedGrams }) => sum + returnedGrams!, 0) /
          back.reduce((sum, { grams }) => sum + grams, 0),
  }
}
