import type { Bounds, Point } from './point'

/** A closed outline; the last point joins the first. */
export type Outline = readonly Point[]

/** The outline of a plate or a sheet: its corners from the upper left one, clockwise on the screen. */
export const boxOutline = ({ widthMm, heightMm }: { widthMm: number; heightMm: number }): Point[] => [
  [0, 0],
  [widthMm, 0],
  [widthMm, heightMm],
  [0, heightMm],
]

/** Area with its sign by the shoelace formula (Meister 1769), in mm²; positive where the outline runs clockwise on the screen. */
export function signedArea(outline: Outline): number {
  let twice = 0
  for (let i = 0; i < outline.length; i++) {
    const [x1, y1] = outline[i]
    const [x2, y2] = outline[(i + 1) % outline.length]
    twice += x1 * y2 - x2 * y1
  }
  return twice / 2
}

/** Area of a plain outline, mm². */
export const outlineArea = (outline: Outline): number => Math.abs(signedArea(outline))

/** Whether two boxes come within `reach` mm of one another. */
export const boxesMeet = (a: Bounds, b: Bounds, reach = 0): boolean =>
  a.left <= b.right + reach &&
  b.left <= a.right + reach &&
  a.top <= b.bottom + reach &&
  b.top <= a.bottom + reach

/** Whether a point lies in an outline, by the parity of crossings of a ray (even-odd rule). */
export function contains(outline: Outline, [x, y]: Point): boolean {
  let inside = false
  for (let i = 0, j = outline.length - 1; i < outline.length; j = i++) {
    const [xi, yi] = outline[i]
    const [xj, yj] = outline[j]
    if (yi > y !== yj > y && x < ((xj - xi) * (y - yi)) / (yj - yi) + xi) inside = !inside
  }
  return inside
}

/** The point of the segment a–b that is nearest to p. */
export function nearestOnSegment([px, py]: Point, [ax, ay]: Point, [bx, by]: Point): Point {
  const [dx, dy] = [bx - ax, by - ay]
  const length2 = dx * dx + dy * dy
  const t = length2 === 0 ? 0 : Math.max(0, Math.min(1, ((px - ax) * dx + (py - ay) * dy) / length2))
  return [ax + t * dx, ay + t * dy]
}

export const distance = ([x1, y1]: Point, [x2, y2]: Point): number => Math.hypot(x2 - x1, y2 - y1)

/** The point where two segments cross inside both, or null; touching at an end is no crossing. */
function crossing([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point, [dx, dy]: Point): Point | null {
  const across = (bx - ax) * (dy - cy) - (by - ay) * (dx - cx)
  if (across === 0) return null
  const t = ((cx - ax) * (dy - cy) - (cy - ay) * (dx - cx)) / across
  const u = ((cx - ax) * (by - ay) - (cy - ay) * (bx - ax)) / across
  return t > 0 && t < 1 && u > 0 && u < 1 ? [ax + t * (bx - ax), ay + t * (by - ay)] : null
}

/** Where an outline crosses itself; empty for a plain one. Every pair of sides is tried, which is quick for some hundred points. */
export function selfCrossings(outline: Outline): Point[] {
  const n = outline.length
  const found: Point[] = []
  for (let i = 0; i < n; i++) {
    for (let j = i + 2; j < n; j++) {
      if (i === 0 && j === n - 1) continue
      const at = crossing(outline[i], outline[i + 1], outline[j], outline[(j + 1) % n])
      if (at) found.push(at)
    }
  }
  return found
}
