import { z } from 'zod'
import { finite, positive } from '../units/schemas'

/** Density of one step of the usual wedge: half a stop of light [common practice, no source]. */
export const USUAL_STEP_DENSITY = 0.15

const step = finite
  .int({ error: 'must be a whole number' })
  .min(1, { error: 'must be 1 or more' })
  .max(41, { error: 'must be at most 41' })
export const exposureInput = z.strictObject({
  seconds: positive.max(36_000, { error: 'must be at most 36000 s' }),
  /** last step that held through the wash */
  held: step,
  wanted: step,
  stepDensity: positive.max(1, { error: 'must be at most 1' }),
})

/**
 * Exposure that makes another step of the wedge hold: each step lets 10^(−density) of the light through, and what hardens is
 * light times time (reciprocity), so seconds·10^(density·(wanted − held)).
 */
export function planExposure({ seconds, held, wanted, stepDensity }: z.infer<typeof exposureInput>): number {
  return seconds * 10 ** (stepDensity * (wanted - held))
}
