import { ILLUMINANT_D50 } from './illuminantD50'
import { OBSERVER_X, OBSERVER_Y, OBSERVER_Z } from './observer'

/** Tristimulus values; Y of the perfect diffuser is 1. */
export interface Xyz {
  x: number
  y: number
  z: number
}

/** Weights that integrate a reflectance under one illuminant for the 1931 2° observer. */
export interface ObserverWeights {
  x: readonly number[]
  y: readonly number[]
  z: readonly number[]
}

/** Weights of an illuminant, 36 relative powers: Y of the perfect diffuser becomes 1. */
export function weighIlluminant(illuminant: readonly number[]): ObserverWeights {
  const norm = illuminant.reduce((sum, power, i) => sum + power * OBSERVER_Y[i], 0)
  const weigh = (observer: readonly number[]) => illuminant.map((power, i) => (power * observer[i]) / norm)
  return { x: weigh(OBSERVER_X), y: weigh(OBSERVER_Y), z: weigh(OBSERVER_Z) }
}

/** Weights of D50, under which all colour in the product is judged. */
export const WEIGHTS_D50 = weighIlluminant(ILLUMINANT_D50)

/**
 * Integrates a reflectance for the 1931 2° observer, under D50 unless other weights are given.
 * X = Σ R·S·x̄ / Σ S·ȳ at 10 nm over 380–730 nm (CIE 015), so Y is 1 for the perfect diffuser.
 *
 * @param reflectance 36 values, 380–730 nm by 10
 */
export function convertSpectrumToXyz(
  reflectance: ArrayLike<number>,
  weights: ObserverWeights = WEIGHTS_D50,
): Xyz {
  let x = 0
  let y = 0
  let z = 0
  for (let i = 0; i < weights.y.length; i++) {
    x += reflectance[i] * weights.x[i]
    y += reflectance[i] * weights.y[i]
    z += reflectance[i] * weights.z[i]
  }
  return { x, y, z }
}

/** White of all colour in the product: the perfect diffuser under the same weights, so that its a* and b* are 0. */
export const WHITE_D50: Xyz = convertSpectrumToXyz(new Array(ILLUMINANT_D50.length).fill(1))
