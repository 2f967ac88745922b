import { z } from 'zod'
import { convertLabToXyz, labSchema } from '../colour/convertXyzToLab'
import { smoothSpectrum } from '../colour/smoothSpectrum'
import { reflectanceSpectrum } from '../colour/spectrum'

/** How a paper's colour is known, the surest first. */
export const PAPER_COLOURS = {
  read: 'read with an instrument',
  picked: 'picked from a picture',
  chosen: 'chosen by eye',
  taken: 'taken as an ordinary rag’s',
} as const
export type PaperColourFrom = keyof typeof PAPER_COLOURS

/** A paper's colour as a person gives it: a spectrum, or one colour under D50. */
export const paperColourSchema = z
  .discriminatedUnion('from', [
    z.strictObject({ from: z.literal('read'), reflectance: reflectanceSpectrum }),
    z.strictObject({ from: z.enum(['picked', 'chosen']), lab: labSchema }),
  ])
  .superRefine((colour, context) => {
    if (colour.from !== 'read' && !smoothSpectrum(convertLabToXyz(colour.lab)))
      context.addIssue({ code: 'custom', path: ['lab'], message: 'no paper can have this colour' })
  })
export type PaperColour = z.infer<typeof paperColourSchema>

/**
 * The reflectance a paper is forecast with: as it was read, or else the smoothest one that has its colour (S. A. Burns 2020, as for inks
 * known by one colour only).
 *
 * @returns 36 values @throws ZodError for a colour no surface has
 */
export function reflectanceOfPaper(input: PaperColour): number[] {
  const colour = paperColourSchema.parse(input)
  return colour.from === 'read' ? colour.reflectance : smoothSpectrum(convertLabToXyz(colour.lab))!
}
