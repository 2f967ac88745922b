import { z } from 'zod'
import { convertSpectrumToXyz } from '../colour/convertSpectrumToXyz'
import { labSchema } from '../colour/convertXyzToLab'
import { describeSpectrum } from '../colour/describeSpectrum'
import { coefficientSpectrum, reflectanceSpectrum, SPECTRUM_LENGTH } from '../colour/spectrum'
import { finite, label, nonNegative } from '../units/schemas'
import { reflectFilm } from './kubelkaMunk'
import { enterSurface, geometrySchema, leaveSurface, surfaceSchema } from './surface'

/** What the forecast needs of an ink: k and s per micrometre of film. */
export const spectralInkSchema = z.strictObject({
  name: label,
  k: coefficientSpectrum,
  s: coefficientSpectrum,
})
export type SpectralInk = z.infer<typeof spectralInkSchema>

export const predictInkInput = z
  .strictObject({
    inks: z.array(spectralInkSchema).min(1, { error: 'expected at least one ink' }),
    parts: z.array(nonNegative),
    filmMicrometres: nonNegative,
    paper: reflectanceSpectrum,
    surface: surfaceSchema,
    geometry: geometrySchema.default('di:8'),
  })
  .superRefine(({ inks, parts }, context) => {
    if (parts.length !== inks.length)
      context.addIssue({
        code: 'custom',
        path: ['parts'],
        message: `expected ${inks.length} numbers, one an ink, got ${parts.length}`,
      })
    else if (!(parts.reduce((sum, part) => sum + part, 0) > 0))
      context.addIssue({ code: 'custom', path: ['parts'], message: 'must add up to more than 0' })
  })
export type PredictInkInput = z.input<typeof predictInkInput>

export const predictInkOutput = z.strictObject({
  reflectance: z.array(finite),
  lab: labSchema,
  srgb: z.string(),
  density: finite,
  contrastRatio: finite,
})
export type InkForecast = z.infer<typeof predictInkOutput>

/**
 * Absorption and scattering of a mixture: K = Σ c·K, S = Σ c·S with c by volume, summing to 1
 * (Duncan 1940; grams are taken as volume parts, equal density).
 */
export function mixCoefficients(
  inks: readonly SpectralInk[],
  parts: readonly number[],
): { k: number[]; s: number[] } {
  const total = parts.reduce((sum, part) => sum + part, 0)
  const k = new Array<number>(SPECTRUM_LENGTH).fill(0)
  const s = new Array<number>(SPECTRUM_LENGTH).fill(0)
  inks.forEach((ink, n) => {
    const share = parts[n] / total
    for (let i = 0; i < SPECTRUM_LENGTH; i++) {
      k[i] += share * ink.k[i]
      s[i] += share * ink.s[i]
    }
  })
  return { k, s }
}

/**
 * Forecasts the colour of a film of mixed ink on paper (or on whatever else reflects as `paper` does).
 * Two-constant Kubelka–Munk inside the surface, Saunderson in and out; a film of no thickness returns the paper.
 *
 * @returns reflectance (36 values), L*a*b* D50, screen colour, visual density, and opacity as a contrast ratio:
 *   Y over an inside ground of 0 ÷ Y over an inside ground of 1, after the manner of ISO 6504-3
 */
export function predictInk({
  inks,
  parts,
  filmMicrometres,
  paper,
  surface,
  geometry = 'di:8',
}: PredictInkInput): InkForecast {
  const { k, s } = mixCoefficients(inks, parts)
  const over = (ground: (i: number) => number) =>
    k.map((_, i) => leaveSurface(reflectFilm(k[i], s[i], filmMicrometres, ground(i)), surface, geometry))
  const reflectance = over((i) => enterSurface(paper[i], surface, geometry))
  const overBlack = convertSpectrumToXyz(over(() => 0)).y
  const overWhite = convertSpectrumToXyz(over(() => 1)).y
  return {
    reflectance,
    ...describeSpectrum(reflectance),
    contrastRatio: overWhite > 1e-12 ? overBlack / overWhite : 1,
  }
}
