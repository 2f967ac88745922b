import { z } from 'zod'
import { finite, positive } from '../units/schemas'

const sizeSchema = z.strictObject({ widthMm: positive, heightMm: positive })
export const marginSchemeSchema = z.enum(['centred', 'weighted'])

export const marginsInput = z
  .strictObject({
    paper: sizeSchema,
    plate: sizeSchema,
    scheme: marginSchemeSchema,
    /** bottom ÷ top, for `weighted` only */
    bottomToTop: positive.max(10, { error: 'must be at most 10' }).optional(),
  })
  .superRefine(({ paper, plate, scheme, bottomToTop }, context) => {
    for (const side of ['widthMm', 'heightMm'] as const) {
      if (plate[side] > paper[side])
        context.addIssue({
          code: 'custom',
          path: ['plate', side],
          message: `the plate (${plate[side]} mm) is larger than the paper (${paper[side]} mm)`,
        })
    }
    if (scheme === 'weighted' && bottomToTop === undefined)
      context.addIssue({ code: 'custom', path: ['bottomToTop'], message: 'needed for weighted margins' })
  })
export type MarginsInput = z.infer<typeof marginsInput>
export const marginsOutput = z.strictObject({
  leftMm: finite,
  rightMm: finite,
  topMm: finite,
  bottomMm: finite,
})
export type Margins = z.infer<typeof marginsOutput>

/**
 * Margins of a plate on its sheet: left = right = (paper − plate)/2; top and bottom equal, or weighted so that bottom ÷ top is as asked.
 *
 * @example a 190.5 mm plate (7½ in) in a 279.4 mm sheet (11 in) leaves 44.45 mm (1¾ in) each side
 */
export function layMargins({ paper, plate, scheme, bottomToTop = 1 }: MarginsInput): Margins {
  const side = (paper.widthMm - plate.widthMm) / 2
  const upright = paper.heightMm - plate.heightMm
  const topMm = scheme === 'weighted' ? upright / (1 + bottomToTop) : upright / 2
  return { leftMm: side, rightMm: side, topMm, bottomMm: upright - topMm }
}
