import { z } from 'zod'
import { count, label, positive } from '../units/schemas'

/** What a sheet is blotted with. */
export const BLOT_TOOLS = {
  blotters: 'Blotters',
  newsprint: 'Newsprint',
  'cloth-and-pin': 'Cloth and rolling pin',
  towel: 'Kitchen towel',
} as const
export type BlotTool = keyof typeof BLOT_TOOLS

/** One blotting, weighed before and after, percent of the dry sheet. */
export const blottingSchema = z
  .strictObject({
    paperId: label,
    tool: z.enum(Object.keys(BLOT_TOOLS) as [BlotTool, ...BlotTool[]]),
    strokes: count.min(1, { error: 'must be 1 or more' }).max(100, { error: 'must be at most 100' }),
    beforePercent: positive.max(400, { error: 'must be at most 400 %' }),
    afterPercent: positive.max(400, { error: 'must be at most 400 %' }),
  })
  .refine(({ beforePercent, afterPercent }) => afterPercent <= beforePercent, {
    error: 'a blotted sheet is not wetter than before',
    path: ['afterPercent'],
  })
export type Blotting = z.infer<typeof blottingSchema>

/**
 * Share of its water that one stroke leaves in the sheet: U(n) = U₀ · fⁿ, with ln f by least squares through the origin over
 * the blottings of one tool.
 *
 * @returns null where nothing was measured
 */
export function shareLeftByStroke(
  blottings: readonly Pick<Blotting, 'strokes' | 'beforePercent' | 'afterPercent'>[],
): number | null {
  if (blottings.length === 0) return null
  let above = 0
  let below = 0
  for (const { strokes, beforePercent, afterPercent } of blottings) {
    above += strokes * Math.log(afterPercent / beforePercent)
    below += strokes * strokes
  }
  return Math.exp(above / below)
}

/**
 * Strokes that bring a sheet nearest to the water wanted; 0 where it is there or drier.
 *
 * @returns null where the tool takes nothing up
 */
export function strokesFor(nowPercent: number, targetPercent: number, shareLeft: number): number | null {
  if (nowPercent <= targetPercent) return 0
  if (shareLeft >= 1 || targetPercent <= 0) return null
  return Math.round(Math.log(targetPercent / nowPercent) / Math.log(shareLeft))
}
