import { z } from 'zod'
import { MM_PER_INCH } from '../units/length'
import { finite, positive } from '../units/schemas'

/** Basis sizes in inches, 500 sheets: the sheet whose ream weighs the pounds on the label (TAPPI T 410 / trade tables). */
export const BASIS_SIZES_IN = {
  cover: [20, 26],
  text: [25, 38],
  bond: [17, 22],
  bristol: [22.5, 28.5],
  index: [25.5, 30.5],
  tag: [24, 36],
  imperial: [22, 30],
} as const
export type Basis = keyof typeof BASIS_SIZES_IN
export const basisSchema = z.enum(Object.keys(BASIS_SIZES_IN) as [Basis, ...Basis[]])

/** Grams in a pound, exact (1959). */
const GRAMS_PER_POUND = 453.59237

export const paperWeightInput = z
  .strictObject({ pounds: positive.optional(), gsm: positive.optional(), basis: basisSchema })
  .refine(({ pounds, gsm }) => (pounds === undefined) !== (gsm === undefined), {
    error: 'give either pounds or gsm, not both',
    path: ['pounds'],
  })
export const paperWeightOutput = z.strictObject({ gsm: finite, pounds: finite })

/**
 * Paper weight between pounds a ream of the basis sheet and g/m²: gsm = lb · 453.592 / (500 · area of the basis sheet in m²).
 *
 * @example convertPaperWeight({ pounds: 140, basis: 'imperial' }).gsm // 298.3
 */
export function convertPaperWeight({
  pounds,
  gsm,
  basis,
}: z.infer<typeof paperWeightInput>): z.infer<typeof paperWeightOutput> {
  const [width, height] = BASIS_SIZES_IN[basis]
  const areaM2 = (width * MM_PER_INCH * height * MM_PER_INCH) / 1e6
  const gsmPerPound = GRAMS_PER_POUND / (500 * areaM2)
  return pounds !== undefined
    ? { gsm: pounds * gsmPerPound, pounds }
    : { gsm: gsm!, pounds: gsm! / gsmPerPound }
}
