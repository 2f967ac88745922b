import { z } from 'zod'
import { nonNegative } from '../units/schemas'

/** What is done with one ink after it was dabbed on, before the next comes. */
export const CYCLE_ACTS = {
  rag: 'Wipe with its own rag',
  bud: 'Wipe with a cotton bud',
  hand: 'Heel of the hand',
  clean: 'Clean slips off',
  tap: 'Tap lost edges back',
} as const
export type CycleAct = keyof typeof CYCLE_ACTS

/** One act of an ink's own cycle. */
export const cycleStepSchema = z.strictObject({
  does: z.enum(Object.keys(CYCLE_ACTS) as [CycleAct, ...CycleAct[]]),
  seconds: nonNegative.max(3600, { error: 'must be at most 3600 s' }),
})
export type CycleStep = z.infer<typeof cycleStepSchema>
