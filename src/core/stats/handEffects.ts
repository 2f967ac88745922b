import { z } from 'zod'
import { finite, nonNegative } from '../units/schemas'
import { mean } from './mean'
import { studentQuantile } from './studentT'
import { fitTrendAndHands } from './trendAndHands'

/** Probability below the upper end of a 95 % interval. */
const UPPER = 0.975
/** Prints of one hand from which it has a constant of its own. */
const FEWEST = 2

export const handEffectsInput = z.strictObject({
  prints: z
    .array(
      z.strictObject({
        hand: z.string().min(1, { error: 'say whose hand it was' }),
        value: finite,
        /** pulls the plate had by then; left out of all: the order is not known and no trend is taken out */
        pull: nonNegative.optional(),
      }),
    )
    .max(10_000, { error: 'takes at most 10000 prints' })
    .refine((prints) => prints.every(({ pull }) => (pull === undefined) === (prints[0].pull === undefined)), {
      error: 'give the pull of every print or of none',
    }),
})

const handEffectSchema = z.strictObject({
  hand: z.string(),
  count: z.number(),
  /** how far its prints lie from the mean of the hands, wear taken out */
  difference: z.number(),
  /** 95 % interval of the difference */
  low: z.number(),
  high: z.number(),
})
/** What one hand's prints have in common beside the others'. */
export type HandEffect = z.infer<typeof handEffectSchema>
export const handEffectsOutput = z.strictObject({ hands: z.array(handEffectSchema) })

/**
 * Constant differences between hands from the mean of those hands, told apart from wear: one trend for all, a constant for each hand,
 * scatter (`fitTrendAndHands`), with the exact 95 % interval of Student's t. Hands that only followed one another cannot be told from
 * the trend, and their intervals say so by their width.
 *
 * @returns one line a hand of two prints or more, most prints first; none with fewer than two such hands, or nothing left over to tell
 * the scatter from
 */
export function handEffects({ prints }: z.infer<typeof handEffectsInput>): z.infer<typeof handEffectsOutput> {
  const counts = new Map<string, number>()
  for (const { hand } of prints) counts.set(hand, (counts.get(hand) ?? 0) + 1)
  const told = prints.filter(({ hand }) => counts.get(hand)! >= FEWEST)
  if (new Set(told.map(({ hand }) => hand)).size < 2) return { hands: [] }
  const fit = fitTrendAndHands(told.map(({ hand, value, pull = 0 }) => ({ hand, value, pull })))
  if (!fit) return { hands: [] }
  const { hands, within, variance, degrees } = fit
  const t = studentQuantile(UPPER, degrees)
  const middle = mean(hands.map(({ level }) => level))
  return {
    hands: hands
      .map(({ hand, count, level }, i) => {
        const weights = hands.map((_, j) => (i === j ? 1 : 0) - 1 / hands.length)
        const scatter = hands.reduce((sum, other, j) => sum + weights[j] ** 2 / other.count, 0)
        const lean = hands.reduce((sum, other, j) => sum + weights[j] * other.meanPull, 0)
        const half = t * Math.sqrt(variance * (scatter + (within > 0 ? (lean * lean) / within : 0)))
        const difference = level - middle
        return { hand, count, difference, low: difference - half, high: difference + half }
      })
      .sort((a, b) => b.count - a.count),
  }
}
