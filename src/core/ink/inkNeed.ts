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
