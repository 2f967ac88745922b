import { z } from 'zod'
import { nonNegative, positive } from '../units/schemas'
import { layersCanGive, pressStack, stackCompression, type PressStack } from './pressStack'

/** What lies under the roller from side to side: the plate, and the sheet beyond it on both sides, mm. */
export interface Across {
  plateMm: number
  sheetMm: number
}

/** Steps of the search for a gap, and how near it must come, mm: far below what a screw can be read to. */
const MOST_STEPS = 60
const NEAR_MM = 1e-9
/** A pack is never pressed to the very last of what it can give: pressure has no bound there. */
const NEARLY_ALL = 1 - 1e-6

/** Intervals of the load's sum while a gap is searched for: fewer than for a squeeze that is shown. */
const INTERVALS = 40

/** Load of the whole roller, N: the line load on the plate over its width, and beside it over what the sheet reaches beyond. */
export function rollerLoad(stack: PressStack, { plateMm, sheetMm }: Across): number {
  const on = pressStack(stack, INTERVALS).lineLoadNPerMm
  const beside = pressStack(
    { ...stack, gapMm: stack.gapMm + stack.plateThicknessMm },
    INTERVALS,
  ).lineLoadNPerMm
  return on * plateMm + beside * Math.max(0, sheetMm - plateMm)
}

/**
 * The gap there is while the press is loaded: the frame gives way by load ÷ stiffness, so a wide plate gets less squeeze
 * than a narrow one at the same turns. Load falls as the gap opens, so there is one gap at which both agree.
 *
 * @param setMm the gap the screws are set to; @param frameNPerMm null: a frame that does not give way
 * @returns mm, never less than what was set
 */
export function gapUnderLoad(
  stack: Omit<PressStack, 'gapMm'>,
  setMm: number,
  across: Across,
  frameNPerMm: number | null,
): number {
  if (frameNPerMm === null) return setMm
  const d = stackCompression({ ...stack, gapMm: setMm })
  if (d <= 0) return setMm
  // How much wider the gap is than the frame would open it: rises with the gap, below zero at the one end and above at the other.
  const surplus = (gapMm: number) => gapMm - setMm - rollerLoad({ ...stack, gapMm }, across) / frameNPerMm
  let [low, high] = [setMm + Math.max(0, d - layersCanGive(stack.layers) * NEARLY_ALL), setMm + d]
  let [below, above] = [surplus(low), surplus(high)]
  // False position, halving the end that stays (Illinois rule), so that it cannot stall.
  for (let step = 0; step < MOST_STEPS && high - low > NEAR_MM && below < -NEAR_MM; step++) {
    const middle = step % 8 === 7 ? (low + high) / 2 : (low * above - high * below) / (above - below)
    const at = surplus(middle)
    if (Math.abs(at) < NEAR_MM) return middle
    if (at < 0) [low, below, above] = [middle, at, above / 2]
    else [high, above, below] = [middle, at, below / 2]
  }
  return below >= -NEAR_MM ? low : (low + high) / 2
}

/** The gap to set so that a wanted gap is left under load, mm; may fall below zero. */
export function gapToSet(stack: PressStack, across: Across, frameNPerMm: number | null): number {
  return frameNPerMm === null ? stack.gapMm : stack.gapMm - rollerLoad(stack, across) / frameNPerMm
}

/** Two plates of different width that print alike, and the gaps the screws were set to. */
export const frameTrialSchema = z
  .strictObject({
    narrow: z.strictObject({ widthMm: positive, setMm: positive }),
    wide: z.strictObject({ widthMm: positive, setMm: positive }),
    lineLoadNPerMm: positive,
    /** line load beside the plate, and how wide the sheet is that both were printed on; left out: no sheet reaches beyond */
    besideNPerMm: nonNegative.default(0),
    sheetMm: nonNegative.default(0),
  })
  .superRefine(({ narrow, wide }, context) => {
    if (wide.widthMm <= narrow.widthMm)
      context.addIssue({
        code: 'custom',
        path: ['wide', 'widthMm'],
        message: 'must be wider than the narrow plate',
      })
    if (wide.setMm >= narrow.setMm)
      context.addIssue({
        code: 'custom',
        path: ['wide', 'setMm'],
        message: 'a wide plate wants a tighter setting than a narrow one: were the two changed?',
      })
  })

/**
 * Stiffness of a frame from two plates that print alike on the same sheet: the wider opens the frame by the difference of their loads over
 * k more, which its tighter setting makes good: k = (L₂ − L₁)/(g₁ − g₂), N/mm, L = W·w + W_beside·(sheet − w): where there is more plate
 * there is less of the sheet beside it.
 */
export function frameStiffness({
  narrow,
  wide,
  lineLoadNPerMm,
  besideNPerMm,
  sheetMm,
}: z.infer<typeof frameTrialSchema>): number {
  const load = (widthMm: number) => lineLoadNPerMm * widthMm + besideNPerMm * Math.max(0, sheetMm - widthMm)
  return (load(wide.widthMm) - load(narrow.widthMm)) / (narrow.setMm - wide.setMm)
}
