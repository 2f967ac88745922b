import { WAVELENGTHS_NM } from './spectrum'

/**
 * Relative spectral power of CIE standard illuminant D65, 380–730 nm by 10 nm, 100 at 560 nm.
 * Source: ISO/CIE 11664-2, table of D65.
 */
export const ILLUMINANT_D65: readonly number[] = [
  49.9755, 54.6482, 82.7549, 91.486, 93.4318, 86.6823, 104.865, 117.008, 117.812, 114.861, 115.923, 108.811,
  109.354, 107.802, 104.79, 107.689, 104.405, 104.046, 100, 96.3342, 95.788, 88.6856, 90.0062, 89.5991,
  87.6987, 83.2886, 83.6992, 80.0268, 80.2146, 82.2778, 78.2842, 69.7213, 71.6091, 74.349, 61.604, 69.8856,
]

/** Second radiation constant over the colour temperature as ISO/CIE 11664-2 defines illuminant A, in nanometres. */
const A_EXPONENT_NM = 1.435e7 / 2848

/**
 * Relative spectral power of CIE standard illuminant A (tungsten light), 100 at 560 nm.
 * S = 100·(560/λ)⁵·(e^(1.435e7/(2848·560)) − 1)/(e^(1.435e7/(2848·λ)) − 1). Source: ISO/CIE 11664-2.
 */
export const ILLUMINANT_A: readonly number[] = WAVELENGTHS_NM.map(
  (nm) => (100 * (560 / nm) ** 5 * Math.expm1(A_EXPONENT_NM / 560)) / Math.expm1(A_EXPONENT_NM / nm),
)
