import { z } from 'zod'
import { startsNeeded } from '../stats/startsNeeded'
import { studentQuantile } from '../stats/studentT'
import { count, finite, nonNegative } from '../units/schemas'

/** Weighings from which the scatter of one pull's ink is known. */
const FEWEST = 2

const inkOfPullsSchema = z.strictObject({
  /** grams a pull uses up */
  mean: nonNegative,
  /** standard deviation of one pull, grams */
  sd: nonNegative,
  /** how often that was weighed */
  n: count,
  /** pulls the weighings are over; left out: one each */
  pulls: count.optional(),
})
export type InkOfPulls = z.infer<typeof inkOfPullsSchema>

export const editionNeedInput = z.strictObject({
  /** prints still wanted */
  left: count.max(5000, { error: 'must be at most 5000' }),
  accepted: count.max(1_000_000, { error: 'must be at most 1000000' }),
  rejected: count.max(1_000_000, { error: 'must be at most 1000000' }),
  confidence: finite.gt(0, { error: 'must be within 0 and 1' }).lt(1, { error: 'must be within 0 and 1' }),
  gramsPerPull: inkOfPullsSchema,
  minutesPerPull: nonNegative.max(100_000, { error: 'must be at most 100000' }),
})
export const editionNeedOutput = z.strictObject({
  sheets: z.int(),
  grams: finite.nullable(),
  reason: z.string().optional(),
  hours: finite,
})

/**
 * Ink that so many pulls use up, at most, with a confidence: N·mean + t(confidence, n − 1)·sd·√(N + N²/P), one-sided: the scatter of the
 * pulls to come and the error of a mean that was weighed over P pulls.
 *
 * @returns null from fewer than two weighings, from which nothing is claimed
 */
export function gramsForPulls(
  pulls: number,
  { mean, sd, n, pulls: over = n }: InkOfPulls,
  confidence: number,
): number | null {
  if (n < FEWEST) return null
  const sure =
    confidence >= 0.5 ? studentQuantile(confidence, n - 1) : -studentQuantile(1 - confidence, n - 1)
  return pulls * mean + sure * sd * Math.sqrt(pulls + (pulls * pulls) / over)
}

/** What the rest of an edition takes: sheets as `startsNeeded`, ink as `gramsForPulls`, hours at so many minutes a pull. */
export function editionNeed({
  left,
  accepted,
  rejected,
  confidence,
  gramsPerPull,
  minutesPerPull,
}: z.infer<typeof editionNeedInput>): z.infer<typeof editionNeedOutput> {
  const sheets =
    left === 0
      ? 0
      : startsNeeded({ accepted: left, earlierAccepted: accepted, earlierRejected: rejected, confidence })
          .starts
  const grams = gramsForPulls(sheets, gramsPerPull, confidence)
  return {
    sheets,
    grams,
    ...(grams === null && { reason: `needs at least ${FEWEST} weighings, has ${gramsPerPull.n}` }),
    hours: (sheets * minutesPerPull) / 60,
  }
}
