import { noiseSequence } from './noise'

/** What any scale does for us. */
export interface Scale {
  /** step of its display, grams */
  readonly stepGrams: number
  /** what it shows under a load */
  weigh: (grams: number) => number
}

/** A simulated bench scale: shows whole steps, and trembles by a fraction of one. */
export function simulateScale(stepGrams: number, seed: number): Scale {
  const noise = noiseSequence(seed)
  return {
    stepGrams,
    weigh: (grams) =>
      Number(
        (Math.max(0, Math.round((grams + 0.2 * stepGrams * noise()) / stepGrams)) * stepGrams).toFixed(6),
      ),
  }
}
