import { solveLinear } from '../linear/solveLinear'

export type Spot = readonly [number, number]
/** Corners of a sheet in a picture, px: top left, top right, bottom right, bottom left. */
export type Corners = readonly [Spot, Spot, Spot, Spot]
/** A projective map of the plane, row by row; its last number is 1. */
export type Homography = readonly number[]

/** Corners of an upright rectangle. */
export const cornersOf = (width: number, height: number): Corners => [
  [0, 0],
  [width, 0],
  [width, height],
  [0, height],
]

/** The projective map that takes four points to four points (Hartley & Zisserman, 4.1); null where three of them lie in one line. */
export function homographyOf(from: Corners, to: Corners): Homography | null {
  const rows: number[][] = []
  const right: number[] = []
  from.forEach(([x, y], i) => {
    const [u, v] = to[i]
    rows.push([x, y, 1, 0, 0, 0, -u * x, -u * y], [0, 0, 0, x, y, 1, -v * x, -v * y])
    right.push(u, v)
  })
  const solved = solveLinear(rows, right)
  return solved && solved.every(Number.isFinite) ? [...solved, 1] : null
}

/** Where a point goes. */
export function mapSpot(h: Homography, [x, y]: Spot): Spot {
  const w = h[6] * x + h[7] * y + h[8]
  return [(h[0] * x + h[1] * y + h[2]) / w, (h[3] * x + h[4] * y + h[5]) / w]
}

/** Whether four corners go round clockwise as seen without crossing themselves, each turn a real one. */
export function isConvex(corners: Corners): boolean {
  return corners.every(([x, y], i) => {
    const [x2, y2] = corners[(i + 1) % 4]
    const [x3, y3] = corners[(i + 2) % 4]
    return (x2 - x) * (y3 - y2) - (y2 - y) * (x3 - x2) > 0
  })
}
