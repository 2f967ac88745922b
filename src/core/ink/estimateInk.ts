import { z } from 'zod'
import { convertLabToXyz, labSchema } from '../colour/convertXyzToLab'
import { smoothSpectrum } from '../colour/smoothSpectrum'
import { reflectanceSpectrum } from '../colour/spectrum'
import { positive } from '../units/schemas'
import { absorptionFromFilm } from './absorptionFromFilm'
import type { Coefficients } from './characteriseInk'
import { enterSurface, geometrySchema, surfaceSchema } from './surface'

/** How an ink covers, as one says it, and the scattering it is then given, per micrometre [from memory; a guess the user should replace by a drawdown]. */
export const COVERINGS = {
  transparent: { label: 'transparent', scattering: 0.004 },
  'half-covering': { label: 'half covering', scattering: 0.02 },
  covering: { label: 'covering', scattering: 0.08 },
} as const
export type Covering = keyof typeof COVERINGS

export const estimateInkInput = z
  .strictObject({
    /** colour of a film of the ink on the paper */
    lab: labSchema,
    filmMicrometres: positive,
    paper: reflectanceSpectrum,
    covering: z.enum(Object.keys(COVERINGS) as [Covering, ...Covering[]]),
    surface: surfaceSchema,
    geometry: geometrySchema.default('di:8'),
  })
  .superRefine(({ lab }, context) => {
    if (!smoothSpectrum(convertLabToXyz(lab)))
      context.addIssue({ code: 'custom', path: ['lab'], message: 'no ink on paper can have this colour' })
  })

/**
 * Absorption and scattering guessed from one picked colour: the smoothest reflectance of that colour, a scattering by how the
 * ink covers, and the absorption that then gives the film. The weakest way an ink can be known: it is marked estimated.
 */
export function estimateInk({
  lab,
  filmMicrometres,
  paper,
  covering,
  surface,
  geometry = 'di:8',
}: z.input<typeof estimateInkInput>): Coefficients {
  const reflectance = smoothSpectrum(convertLabToXyz(lab))!
  const { scattering } = COVERINGS[covering]
  const k = reflectance.map((value, i) =>
    absorptionFromFilm(
      enterSurface(value, surface, geometry),
      scattering,
      filmMicrometres,
      enterSurface(paper[i], surface, geometry),
    ),
  )
  return { k, s: k.map(() => scattering) }
}
