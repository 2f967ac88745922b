/**
 * Relative spectral power of CIE standard illuminant D50, 380–730 nm by 10 nm, 100 at 560 nm.
 * Source: CIE 015 (Colorimetry), table of D illuminants; the values ISO 13655 uses for the graphic arts.
 */
export const ILLUMINANT_D50: readonly number[] = [
  24.488, 29.871, 49.308, 56.513, 60.034, 57.818, 74.825, 87.247, 90.612, 91.368, 95.109, 91.963, 95.724,
  96.613, 97.129, 102.099, 100.755, 102.317, 100, 97.735, 98.918, 93.499, 97.688, 99.269, 99.042, 95.722,
  98.857, 95.667, 98.19, 103.003, 99.133, 87.381, 91.604, 92.889, 76.854, 86.511,
]
