import type { Point } from './point'
import { distance, nearestOnSegment, type Outline } from './polygon'

/**
 * Draws a point to a neighbour: to the nearest corner within reach, else to the nearest side.
 *
 * @param reach millimetres
 * @returns the point itself where nothing is near
 */
export function snapPoint(point: Point, neighbours: readonly Outline[], reach: number): Point {
  let corner: Point | null = null
  let side: Point | null = null
  let [toCorner, toSide] = [reach, reach]
  for (const outline of neighbours) {
    outline.forEach((from, i) => {
      const off = distance(point, from)
      if (off <= toCorner) [corner, toCorner] = [from, off]
      const foot = nearestOnSegment(point, from, outline[(i + 1) % outline.length])
      const away = distance(point, foot)
      if (away <= toSide) [side, toSide] = [foot, away]
    })
  }
  return corner ?? side ?? point
}
