import { z } from 'zod'
import { coefficientSpectrum, reflectanceSpectrum } from '../colour/spectrum'
import { finite } from '../units/schemas'
import type { Coefficients } from './characteriseInk'
import { enterSurface, geometrySchema, surfaceSchema } from './surface'

export const characteriseTintInput = z
  .strictObject({
    /** opaque layer of the ink alone */
    masstone: reflectanceSpectrum,
    /** opaque layer of the ink let down with a white of known k and s */
    tint: reflectanceSpectrum,
    /** share of ink in the tint, by volume */
    share: finite.gt(0, { error: 'must be within 0 and 1' }).lt(1, { error: 'must be within 0 and 1' }),
    whiteInk: z.strictObject({ k: coefficientSpectrum, s: coefficientSpectrum }),
    surface: surfaceSchema,
    geometry: geometrySchema.default('di:8'),
  })
  .superRefine(({ masstone, tint }, context) => {
    const darker = tint.findIndex((value, i) => value < masstone[i] - 0.02)
    if (darker >= 0)
      context.addIssue({
        code: 'custom',
        path: ['tint', darker],
        message: 'is darker than the ink alone; were the two swapped?',
      })
  })

/**
 * Absorption and scattering of an ink from its masstone and one tint with a white (Duncan 1940; ASTM D4838 in manner).
 * With q = K/S = (1−R)²/2R inside: k = q·s, and q_tint(c·s + (1−c)·s_w) = c·q·s + (1−c)·k_w gives
 * s = (1−c)(k_w − q_tint·s_w) / (c(q_tint − q)). Absolute only as far as the white's own s is.
 */
export function characteriseTint({
  masstone,
  tint,
  share,
  whiteInk,
  surface,
  geometry = 'di:8',
}: z.input<typeof characteriseTintInput>): Coefficients {
  const ratio = (reflectance: number) => {
    const inside = Math.min(1, Math.max(1e-5, enterSurface(reflectance, surface, geometry)))
    return (1 - inside) ** 2 / (2 * inside)
  }
  const s = masstone.map((value, i) => {
    const [q, qTint] = [ratio(value), ratio(tint[i])]
    const above = (1 - share) * (whiteInk.k[i] - qTint * whiteInk.s[i])
    const below = share * (qTint - q)
    return Math.abs(below) < 1e-12 ? 0 : Math.max(0, above / below)
  })
  return { s, k: s.map((value, i) => value * ratio(masstone[i])) }
}
