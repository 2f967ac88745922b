import { findSheet } from './findSheet'
import { cornersOf, type Corners } from './homography'
import { greyOf, shrunk, type Rgb } from './picture'
import { lensOf } from './lens'
import { partOfSheet, type PlateOnSheet } from './partOfSheet'
import type { EdgesFound } from './pictureFlaws'
import type { Scan } from './scan'

/** Longest side of a picture the sheet is looked for in, px: its edge is found to a fraction of a pixel. */
const SEARCHED = 1800
/** Of less of a side than this it is not known whether it is one. */
const SEEN = 0.5

/** The frame of a picture, where nothing of a sheet's edges is seen in it. */
export const frameOf = ({ width, height }: Rgb): Corners => cornersOf(width, height)

/**
 * The edges of the sheet in a picture: as a person set its corners, or looked for in a picture that is no larger than need be; of a scanner’s picture that cuts the sheet,
 * those that are seen.
 *
 * @param taken how, where somebody said so @returns null where none are found
 */
export function sheetEdges(
  picture: Rgb,
  corners: Corners | null,
  { sheet, plate }: PlateOnSheet,
  taken: Scan['taken'] | null = null,
): EdgesFound | null {
  if (corners) return { corners, lens: null, sides: null, isSetByHand: true, bowMm: 0, spreadMm: null }
  const times = Math.max(1, Math.round(Math.max(picture.width, picture.height) / SEARCHED))
  const found = findSheet(greyOf(shrunk(picture, times)), taken === null || taken === 'camera')
  if (!found || found.seen < SEEN) {
    const part = taken === 'camera' ? null : partOfSheet(picture, { sheet, plate }, SEARCHED)
    return part && { ...part, lens: null, isSetByHand: false }
  }
  const at = found.corners.map(([x, y]) => [x * times, y * times] as const) as unknown as Corners
  const round = [0, 1, 2, 3].reduce(
    (sum, i) => sum + Math.hypot(at[i][0] - at[(i + 1) % 4][0], at[i][1] - at[(i + 1) % 4][1]),
    0,
  )
  const pixelsPerMm = round / 2 / (sheet.widthMm + sheet.heightMm)
  return {
    corners: at,
    lens: found.lens && lensOf(picture, found.lens.bend),
    sides: null,
    isSetByHand: false,
    bowMm: (found.bowPx * times) / pixelsPerMm,
    spreadMm: found.spreadPx === null ? null : (found.spreadPx * times) / pixelsPerMm,
  }
}
