import { ILLUMINANT_D50 } from './illuminantD50'
import { OBSERVER_X, OBSERVER_Y, OBSERVER_Z } from './observer'

/** Tristimulus values; Y of the perfect diffuser is 1. */
export interface Xyz {
  x: number
  y: number
  z: number
}

const norm = ILLUMINANT_D50.reduce((sum, power, i) => sum + power * OBSERVER_Y[i], 0)
const weigh = (observer: readonly number[]) => ILLUMINANT_D50.map((power, i) => (power * observer[i]) / norm)
const WEIGHTS = { x: weigh(OBSERVER_X), y: weigh(OBSERVER_Y), z: weigh(OBSERVER_Z) }

/**
 * Integrates a reflectance under D50 for the 1931 2° observer.
 * X = Σ R·S·x̄ / Σ S·ȳ at 10 nm over 380–730 nm (CIE 015), so Y is 1 for the perfect diffuser.
 *
 * @param reflectance 36 values, 380–730 nm by 10
 */
export function convertSpectrumToXyz(reflectance: ArrayLike<number>): Xyz {
  let x = 0
  let y = 0
  let z = 0
  for (let i = 0; i < WEIGHTS.y.length; i++) {
    x += reflectance[i] * WEIGHTS.x[i]
    y += reflectance[i] * WEIGHTS.y[i]
    z += reflectance[i] * WEIGHTS.z[i]
  }
  return { x, y, z }
}

/** White of all colour in the product: the perfect diffuser under the same weights, so that its a* and b* are 0. */
export const WHITE_D50: Xyz = convertSpectrumToXyz(new Array(ILLUMINANT_D50.length).fill(1))
