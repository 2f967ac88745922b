import { mean } from '../stats/mean'
import { z } from 'zod'
import { label, moment } from '../units/schemas'
import { misregisterInput, solveMisregister, type Misregister } from './misregister'

/** A mark where it should be and where it was printed, on the print's face: right and up from the plate's lower left corner, mm. */
export const misfitMarkSchema = misregisterInput.shape.marks.element
export type MisfitMark = z.infer<typeof misfitMarkSchema>

/** A misfit as it was measured, of one plate of a job. */
export const keptMisfitSchema = z.strictObject({
  plate: label,
  marks: z.array(misfitMarkSchema).min(2),
  at: moment,
  by: label,
})
export type KeptMisfit = z.infer<typeof keptMisfitSchema>

/** Corners of a plate further off than this are seen, mm [common practice, no source]. */
const SEEN_MM = 0.3

/** A misfit with what it comes to: its worst mark, and whether the eye would see it. */
export interface SolvedMisfit {
  at: string
  by: string
  solved: Misregister
  worstMm: number
  isSeen: boolean
}

/** A plate's misfits in the order they were measured; what cannot be solved is left out. */
export function misfitHistory(misfits: readonly KeptMisfit[], plate: string): SolvedMisfit[] {
  return misfits
    .filter((one) => one.plate === plate)
    .flatMap(({ marks, at, by }) => {
      const input = misregisterInput.safeParse({ marks })
      if (!input.success) return []
      const worstMm = Math.max(
        ...marks.map(({ expected, measured }) =>
          Math.hypot(measured.xMm - expected.xMm, measured.yMm - expected.yMm),
        ),
      )
      return [{ at, by, solved: solveMisregister(input.data), worstMm, isSeen: worstMm > SEEN_MM }]
    })
}

/** What misfits of a plate have in common over three or more: a shift that keeps coming back is in the sheet or the stops, not in the hand. */
export function lastingShift(history: readonly SolvedMisfit[]): { xMm: number; yMm: number } | null {
  if (history.length < 3) return null
  const [xs, ys] = [
    history.map(({ solved }) => solved.shiftMm.x),
    history.map(({ solved }) => solved.shiftMm.y),
  ]
  const [x, y] = [mean(xs), mean(ys)]
  const scatter = (values: number[], middle: number) =>
    Math.sqrt(
      values.reduce((sum, value) => sum + (value - middle) ** 2, 0) / (values.length - 1) / values.length,
    )
  // Two standard errors: less may be chance.
  return Math.abs(x) > 2 * scatter(xs, x) + 0.05 || Math.abs(y) > 2 * scatter(ys, y) + 0.05
    ? { xMm: x, yMm: y }
    : null
}
