import { z } from 'zod'
import { finite } from '../units/schemas'

/** A point in millimetres from the top-left corner of whatever it lies on: x to the right, y downward. */
export const pointSchema = z.tuple([finite, finite])
export type Point = z.infer<typeof pointSchema>

/** The box round points, mm. */
export interface Bounds {
  left: number
  top: number
  right: number
  bottom: number
}

/** The smallest upright box round points; of none, an empty one at the origin. */
export function boundsOf(points: readonly Point[]): Bounds {
  if (points.length === 0) return { left: 0, top: 0, right: 0, bottom: 0 }
  const box = { left: Infinity, top: Infinity, right: -Infinity, bottom: -Infinity }
  for (const [x, y] of points) {
    if (x < box.left) box.left = x
    if (x > box.right) box.right = x
    if (y < box.top) box.top = y
    if (y > box.bottom) box.bottom = y
  }
  return box
}
