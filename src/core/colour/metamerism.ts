import {
  convertSpectrumToXyz,
  weighIlluminant,
  WEIGHTS_D50,
  type ObserverWeights,
} from './convertSpectrumToXyz'
import { convertXyzToLab } from './convertXyzToLab'
import { deltaE00 } from './deltaE00'
import { ILLUMINANT_A, ILLUMINANT_D65 } from './illuminants'
import { SPECTRUM_LENGTH } from './spectrum'

/** Lights a pair is judged under: the booth, daylight, and lamp light. */
const LIGHTS: Record<keyof LightDifferences, ObserverWeights> = {
  d50: WEIGHTS_D50,
  d65: weighIlluminant(ILLUMINANT_D65),
  a: weighIlluminant(ILLUMINANT_A),
}

/** ΔE00 of one pair under three lights. */
export interface LightDifferences {
  d50: number
  d65: number
  a: number
}

/** How much more a pair may differ in another light before it is called metameric (common practice, no source). */
export const METAMERIC_FROM = 2

/** ΔE00 between two reflectances under D50, D65 and A; each light's own white is its reference. */
export function compareUnderLights(
  reference: ArrayLike<number>,
  sample: ArrayLike<number>,
): LightDifferences {
  const under = (weights: ObserverWeights) => {
    const white = convertSpectrumToXyz(new Array<number>(SPECTRUM_LENGTH).fill(1), weights)
    const lab = (reflectance: ArrayLike<number>) =>
      convertXyzToLab(convertSpectrumToXyz(reflectance, weights), white)
    return deltaE00(lab(reference), lab(sample))
  }
  return { d50: under(LIGHTS.d50), d65: under(LIGHTS.d65), a: under(LIGHTS.a) }
}

/** Whether a pair that agrees in the booth parts in another light. */
export function isMetameric({ d50, d65, a }: LightDifferences): boolean {
  return Math.max(d65, a) - d50 > METAMERIC_FROM
}
