import { z } from 'zod'
import { finite } from '../units/schemas'

/** First wavelength of every stored spectrum, in nanometres. */
export const SPECTRUM_START_NM = 380
/** Step between samples, in nanometres. */
export const SPECTRUM_STEP_NM = 10
/** Samples in every stored spectrum: 380 to 730 nm by 10. */
export const SPECTRUM_LENGTH = 36

/** Wavelength of every sample, in nanometres. */
export const WAVELENGTHS_NM: readonly number[] = Array.from(
  { length: SPECTRUM_LENGTH },
  (_, i) => SPECTRUM_START_NM + i * SPECTRUM_STEP_NM,
)

const spectrumOf = (sample: z.ZodNumber) =>
  z.array(sample).refine((values) => values.length === SPECTRUM_LENGTH, {
    error: (issue) => `expected ${SPECTRUM_LENGTH} numbers, got ${(issue.input as unknown[]).length}`,
  })

/**
 * One reflectance factor, 0 to 1.2: fluorescent papers exceed 1.
 * A value above 1.2 is nearly always a percentage, so the error says so.
 */
export const reflectanceSample = finite
  .nonnegative({ error: 'reflectance must be 0 or more' })
  .max(1.2, { error: 'reflectance must be within 0 and 1.2; is this percent? divide by 100' })

/** A reflectance spectrum, 36 values of 0 to 1.2. */
export const reflectanceSpectrum = spectrumOf(reflectanceSample)

/** An absorption or scattering spectrum per micrometre of film, 36 values of 0 or more. */
export const coefficientSpectrum = spectrumOf(finite.nonnegative({ error: 'must be 0 or more' }))

/**
 * Brings a measured spectrum to 380–730 nm by 10: linear between samples, and a missing end holds the end value.
 *
 * @param startNm wavelength of the first sample
 * @param stepNm step between samples, above 0
 * @param values at least one sample
 * @returns 36 values
 */
export function resampleSpectrum(startNm: number, stepNm: number, values: readonly number[]): number[] {
  const last = values.length - 1
  return WAVELENGTHS_NM.map((nm) => {
    const position = (nm - startNm) / stepNm
    if (position <= 0) return values[0]
    if (position >= last) return values[last]
    const below = Math.floor(position)
    const share = position - below
    return values[below] * (1 - share) + values[below + 1] * share
  })
}
