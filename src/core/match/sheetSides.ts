import { bendOfSides } from './bendOfSides'
import { edgePoints, type EdgeOn } from './edgePoints'
import type { Corners, Spot } from './homography'
import { lensOf, straightAt, type Lens } from './lens'
import type { Grey } from './picture'
import { lineThrough, meet } from './sideLine'

/** Four sides of a sheet as rays from without met them. */
export interface MetSheet {
  /** without the lens, where it bends them */
  corners: Corners
  /** what bends all of its sides alike; null: nothing that could be told */
  lens: Lens | null
  /** how far the worst of its sides bows, px */
  bowPx: number
  /** how far the points of its most ragged side lie off it, px: half of them farther */
  raggedPx: number
  /** share of the worst side that was seen where it should be */
  seen: number
}

/** A side that bows by less, px, is as straight as it is seen. */
const STRAIGHT_PX = 0.5
/** Of the bow of the sides, the share a lens must take away to be one: a sheet that curls bows one side alone. */
const TAKEN_AWAY = 0.7

/** The sheet whose sides were met at these points, or null where they make none. */
function sheetThrough(
  points: readonly Spot[][],
  { width, height }: { width: number; height: number },
  lens: Lens | null,
): MetSheet | null {
  const [top, right, bottom, left] = points.map((side) =>
    lineThrough(lens ? side.map((spot) => straightAt(lens, spot)) : side),
  )
  if (!top || !right || !bottom || !left) return null
  const corners = [
    meet(top.line, left.line),
    meet(top.line, right.line),
    meet(bottom.line, right.line),
    meet(bottom.line, left.line),
  ]
  const isIn = (spot: Spot | null): spot is Spot =>
    spot !== null &&
    spot[0] > -width * 0.1 &&
    spot[0] < width * 1.1 &&
    spot[1] > -height * 0.1 &&
    spot[1] < height * 1.1
  if (!corners.every(isIn)) return null
  const four = [top, right, bottom, left]
  return {
    corners: corners as unknown as Corners,
    lens,
    bowPx: Math.max(...four.map(({ bowPx }) => bowPx)),
    raggedPx: Math.max(...four.map(({ raggedPx }) => raggedPx)),
    seen: Math.min(...four.map(({ share }) => share)),
  }
}

/**
 * The corners of a sheet: rays go in from each side until they meet its edge, and a straight line is laid through where they met it,
 * whatever a deckle or a torn corner does; where the lens bends all four sides alike, it is taken away first.
 *
 * @param mayBend whether it is a camera's picture, or nobody knows: a scanner bends nothing @returns null where no four sides are found
 */
export function metSheet(
  size: Pick<Grey, 'width' | 'height'>,
  edgeOn: EdgeOn,
  mayBend: boolean,
): MetSheet | null {
  const points = edgePoints(size, edgeOn)
  const asSeen = sheetThrough(points, size, null)
  if (!asSeen || !mayBend || asSeen.bowPx < STRAIGHT_PX) return asSeen
  const unbent = sheetThrough(points, size, lensOf(size, bendOfSides(points, size)))
  return unbent && unbent.bowPx < (1 - TAKEN_AWAY) * asSeen.bowPx ? unbent : asSeen
}
