import { z } from 'zod'
import { finite } from '../units/schemas'

/** Measuring geometry: `di:8` includes the shine of the surface, `45:0` (most hand instruments) leaves it out. */
export const geometrySchema = z.enum(['di:8', '45:0'])
export type Geometry = z.infer<typeof geometrySchema>

const share = finite.min(0, { error: 'must be within 0 and 1' }).lt(1, { error: 'must be below 1' })

/** Surface reflection of the film: k1 outside on entry, k2 inside on leaving. `null` computes on the values as given. */
export const surfaceSchema = z.strictObject({ k1: share, k2: share }).nullable()
export type Surface = z.infer<typeof surfaceSchema>

/** Usual surface for an ink binder of refractive index about 1.5 [from memory; calibrate]. */
export const USUAL_SURFACE = { k1: 0.04, k2: 0.6 }

/**
 * Takes an inside reflectance out through the surface (Saunderson 1942):
 * Rm = k1 + (1−k1)(1−k2)R/(1−k2R); with 45°:0° the additive k1 is not seen.
 */
export function leaveSurface(inside: number, surface: Surface, geometry: Geometry): number {
  if (!surface) return inside
  const { k1, k2 } = surface
  const shine = geometry === 'di:8' ? k1 : 0
  return shine + ((1 - k1) * (1 - k2) * inside) / (1 - k2 * inside)
}

/** Takes a measured reflectance inside: the inverse of `leaveSurface`, floored at 0. */
export function enterSurface(measured: number, surface: Surface, geometry: Geometry): number {
  if (!surface) return measured
  const { k1, k2 } = surface
  const net = Math.max(0, geometry === 'di:8' ? measured - k1 : measured)
  return net / ((1 - k1) * (1 - k2) + k2 * net)
}
