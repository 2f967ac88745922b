import { noiseSequence } from './noise'

/** What any reflection densitometer does for us: it shows the visual density under its window to a hundredth. */
export interface Densitometer {
  /** what it shows where the paper's own density and the spot's are so much; zeroed on the paper */
  read: (spot: number, paper: number) => number
}

/** Repeatability of one reading: standard deviation, D. */
const REPEATS_WITHIN = 0.006

/** A simulated hand densitometer, zeroed on the paper; the same seed gives the same readings. */
export function simulateDensitometer(seed: number): Densitometer {
  const noise = noiseSequence(seed)
  return {
    read: (spot, paper) => Math.max(0, Math.round((spot - paper + REPEATS_WITHIN * noise()) * 100) / 100),
  }
}
