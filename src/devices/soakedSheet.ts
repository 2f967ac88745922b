import type { Sizing } from '@/core/paper/substitutes'
import { noiseSequence } from './noise'

/** What a sheet takes up in the end, percent, and how fast, seconds: invented for the simulation, in the order the trade expects. */
const SOAKS: Record<Sizing, { saturationPercent: number; tauSeconds: number }> = {
  waterleaf: { saturationPercent: 95, tauSeconds: 40 },
  soft: { saturationPercent: 60, tauSeconds: 160 },
  unknown: { saturationPercent: 58, tauSeconds: 300 },
  medium: { saturationPercent: 55, tauSeconds: 480 },
  hard: { saturationPercent: 50, tauSeconds: 1500 },
  coated: { saturationPercent: 12, tauSeconds: 1500 },
}
/** Sheets of one stack differ by so much of what they take up, as a share (standard deviation). */
const SHEETS_DIFFER = 0.015

/** A simulated sheet that comes out of the water: what it weighs after a time, a model and no measurement. */
export function simulateSoakedSheet(
  dryGrams: number,
  sizing: Sizing,
  seed: number,
): { gramsAfter: (seconds: number) => number } {
  const noise = noiseSequence(seed)
  const { saturationPercent, tauSeconds } = SOAKS[sizing]
  return {
    gramsAfter: (seconds) =>
      dryGrams *
      (1 + (-saturationPercent * Math.expm1(-seconds / tauSeconds) * (1 + SHEETS_DIFFER * noise())) / 100),
  }
}
