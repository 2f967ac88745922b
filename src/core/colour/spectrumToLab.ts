import { z } from 'zod'
import { finite, positive } from '../units/schemas'
import { labSchema } from './convertXyzToLab'
import { describeSpectrum } from './describeSpectrum'
import { reflectanceSample, resampleSpectrum } from './spectrum'

export const spectrumToLabInput = z.strictObject({
  startNm: positive,
  stepNm: positive,
  reflectance: z.array(reflectanceSample).min(1, { error: 'expected at least one number' }),
})
export const spectrumToLabOutput = z.strictObject({ lab: labSchema, srgb: z.string(), density: finite })

/** A measured reflectance of any start and step as colour: resampled to 380–730 nm by 10, then integrated under D50. */
export function spectrumToLab({
  startNm,
  stepNm,
  reflectance,
}: z.infer<typeof spectrumToLabInput>): z.infer<typeof spectrumToLabOutput> {
  return describeSpectrum(resampleSpectrum(startNm, stepNm, reflectance))
}
