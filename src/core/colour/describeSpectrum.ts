import { convertSpectrumToXyz } from './convertSpectrumToXyz'
import { convertXyzToLab, type Lab } from './convertXyzToLab'
import { convertXyzToSrgb } from './convertXyzToSrgb'
import { visualDensity } from './visualDensity'

/** How a reflectance looks: L*a*b* under D50, a screen colour, and its visual density. */
export interface Appearance {
  lab: Lab
  srgb: string
  density: number
}

/** Reads a reflectance (36 values, 380–730 nm by 10) as colour. */
export function describeSpectrum(reflectance: ArrayLike<number>): Appearance {
  const xyz = convertSpectrumToXyz(reflectance)
  return { lab: convertXyzToLab(xyz), srgb: convertXyzToSrgb(xyz), density: visualDensity(xyz.y) }
}
