import { z } from 'zod'
import { finite } from '../units/schemas'

export const sheetGaugeInput = z.strictObject({
  gauge: finite
    .int({ error: 'must be a whole number' })
    .min(0, { error: 'must be within 0 and 40' })
    .max(40, { error: 'must be within 0 and 40' }),
  system: z.enum(['awg'], { error: 'expected "awg"' }),
})
export const sheetGaugeOutput = z.strictObject({ mm: finite })

/**
 * Sheet gauge to thickness for copper, brass and aluminium: American wire gauge, d = 0.127 mm · 92^((36−n)/39) (ASTM B258), unrounded.
 * Zinc and steel have other gauges; always show the millimetres.
 *
 * @example sheetGauge({ gauge: 18, system: 'awg' }).mm // 1.0237…
 */
export function sheetGauge({ gauge }: z.infer<typeof sheetGaugeInput>): z.infer<typeof sheetGaugeOutput> {
  return { mm: 0.127 * 92 ** ((36 - gauge) / 39) }
}
