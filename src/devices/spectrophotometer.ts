import { SPECTRUM_LENGTH } from '@/core/colour/spectrum'
import { noiseSequence } from './noise'

/** What any spectrophotometer does for us: it is set on its tile, then reads. */
export interface Spectrophotometer {
  /** whether the tile was read since it was switched on */
  readonly isSet: boolean
  /** reads the white tile whose true reflectance is known */
  readTile: () => void
  /** reflectance of what lies under it, 36 values; throws while the tile was not read */
  read: (sample: readonly number[]) => number[]
}

/** True reflectance of the white tile that comes with the instrument. */
const TILE = 0.92
/** Repeatability of one reading: standard deviation. */
const REPEATS_WITHIN = 0.0006

/**
 * A simulated spectrophotometer: its lamp has drifted by a few percent, differently along the spectrum, until the tile is read;
 * every reading carries a little noise. The same seed gives the same readings.
 */
export function simulateSpectrophotometer(seed: number): Spectrophotometer {
  const noise = noiseSequence(seed)
  const drift = Array.from({ length: SPECTRUM_LENGTH }, (_, i) => 1 + 0.04 * Math.sin(seed + i / 9))
  const look = (value: number, i: number) => value * drift[i] + REPEATS_WITHIN * noise()
  let correction: number[] | null = null
  return {
    get isSet() {
      return correction !== null
    },
    readTile() {
      correction = drift.map((_, i) => TILE / look(TILE, i))
    },
    read(sample) {
      if (!correction) throw new Error('Read the tile first: the lamp has drifted since it was last set.')
      return sample.map((value, i) => Math.min(1.2, Math.max(0, look(value, i) * correction![i])))
    },
  }
}
