/** A recipe as it can be weighed. */
export interface WeighedRecipe {
  grams: number[]
  totalGrams: number
  /** shares after rounding, summing to 1 */
  shares: number[]
}

/**
 * Rounds the amounts of a recipe to what a scale can show, each at least one step, with the total as near as the steps allow
 * (largest remainder). The colour must be scored again after this.
 *
 * @param shares by volume, taken as mass; @param totalGrams wanted; @param stepGrams what the scale resolves
 */
export function weighRecipe(shares: readonly number[], totalGrams: number, stepGrams: number): WeighedRecipe {
  const sum = shares.reduce((total, share) => total + share, 0)
  const exact = shares.map((share) => ((share / sum) * totalGrams) / stepGrams)
  const steps = exact.map((value) => Math.max(1, Math.floor(value)))
  let left = Math.round(totalGrams / stepGrams) - steps.reduce((total, value) => total + value, 0)
  const order = exact.map((value, i) => [value - Math.floor(value), i] as const).sort(([a], [b]) => b - a)
  for (const [, i] of order)
    if (left > 0) {
      steps[i] += 1
      left -= 1
    }
  const weighed = steps.reduce((total, value) => total + value, 0)
  return {
    grams: steps.map((value) => Number((value * stepGrams).toFixed(6))),
    totalGrams: Number((weighed * stepGrams).toFixed(6)),
    shares: steps.map((value) => value / weighed),
  }
}
