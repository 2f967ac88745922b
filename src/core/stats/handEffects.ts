import { mean } from './mean'
/** What one hand's prints have in common beside the others'. */
export interface HandEffect {
  hand: string
  count: number
  /** mean of its values less the mean of all */ raw: number
  /** drawn toward the others by how little is known */ pooled: number
  sd: number
}

/**
 * Constant differences between hands by partial pooling (one-way random effects, DerSimonian–Laird variance between hands): a hand
 * with few prints or a small difference is drawn toward the mean of all, by σ²ₕ / (σ²ₕ + σ²/n).
 *
 * @returns one line a hand, most prints first; empty with fewer than two hands of two prints each
 */
export function handEffects(prints: readonly { hand: string; value: number }[]): HandEffect[] {
  const hands = [...new Set(prints.map(({ hand }) => hand))]
    .map((hand) => ({ hand, values: prints.filter((one) => one.hand === hand).map(({ value }) => value) }))
    .filter(({ values }) => values.length >= 2)
  if (hands.length < 2) return []
  const within =
    hands.reduce(
      (sum, { values }) => sum + values.reduce((own, value) => own + (value - mean(values)) ** 2, 0),
      0,
    ) / hands.reduce((sum, { values }) => sum + values.length - 1, 0)
  const weights = hands.map(({ values }) => values.length / Math.max(within, 1e-12))
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  const centre = hands.reduce((sum, { values }, i) => sum + weights[i] * mean(values), 0) / total
  const q = hands.reduce((sum, { values }, i) => sum + weights[i] * (mean(values) - centre) ** 2, 0)
  const between = Math.max(
    0,
    (q - (hands.length - 1)) / (total - weights.reduce((sum, weight) => sum + weight * weight, 0) / total),
  )
  return hands
    .map(({ hand, values }, i) => {
      const share = between === 0 ? 0 : between / (between + 1 / weights[i])
      const raw = mean(values) - centre
      return { hand, count: values.length, raw, pooled: share * raw, sd: Math.sqrt(share / weights[i]) }
    })
    .sort((a, b) => b.count - a.count)
}
