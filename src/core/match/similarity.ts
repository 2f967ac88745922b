/**
 * How an impression lies against the reference: impression point = c + shift + scale · R(rotation) · (reference point − c), c the
 * middle of the reference; x right, y down, so that a positive rotation is clockwise as seen.
 */
export interface Similarity {
  /** px of the reference */
  shiftX: number
  shiftY: number
  /** radians */
  rotation: number
  scale: number
}

/** Where a point of the reference lies in the impression. @param centre middle of the reference, px */
export function carry(
  { shiftX, shiftY, rotation, scale }: Similarity,
  [cx, cy]: readonly [number, number],
  [x, y]: readonly [number, number],
): [number, number] {
  const [cos, sin] = [scale * Math.cos(rotation), scale * Math.sin(rotation)]
  return [cx + shiftX + cos * (x - cx) - sin * (y - cy), cy + shiftY + sin * (x - cx) + cos * (y - cy)]
}

/** Root mean square distance, px, between what two similarities make of the reference, over its area. */
export function similarityError(one: Similarity, other: Similarity, width: number, height: number): number {
  const centre = [width / 2, height / 2] as const
  let sum = 0
  const steps = 9
  for (let i = 0; i < steps; i++) {
    for (let j = 0; j < steps; j++) {
      const point = [((i + 0.5) * width) / steps, ((j + 0.5) * height) / steps] as const
      const [[x1, y1], [x2, y2]] = [carry(one, centre, point), carry(other, centre, point)]
      sum += (x1 - x2) ** 2 + (y1 - y2) ** 2
    }
  }
  return Math.sqrt(sum / steps ** 2)
}
