import { findSheet } from './findSheet'
import { cornersOf, type Corners } from './homography'
import { greyOf, shrunk, type Rgb } from './picture'
import { lensOf } from './lens'
import { partOfSheet } from './partOfSheet'
import type { PlateOnSheet } from './plateOnSheet'
import type { EdgesFound } from './edgeFlaws'
import type { Scan } from './scan'
import { threeSides } from './threeSides'

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
  if (corners)
    return { corners, lens: null, sides: null, isSetByHand: true, bowMm: 0, raggedMm: 0, spreadMm: null }
  const times = Math.max(1, Math.round(Math.max(picture.width, picture.height) / SEARCHED))
  const found = findSheet(greyOf(shrunk(picture, times)), taken === null || taken === 'camera')
  if (!found || found.seen < SEEN) return cutSheet(picture, { sheet, plate }, taken)
  const at = found.corners.map(([x, y]) => [x * times, y * times] as const) as unknown as Corners
  const perMm = pixelsPerMm(at, sheet)
  return {
    corners: at,
    lens: found.lens && lensOf(picture, found.lens.bend),
    sides: null,
    isSetByHand: false,
    bowMm: (found.bowPx * times) / perMm,
    raggedMm: (found.raggedPx * times) / perMm,
    spreadMm: found.spreadPx === null ? null : (found.spreadPx * times) / perMm,
  }
}

/** How many pixels a millimetre of a sheet is, by the way round it. */
function pixelsPerMm(corners: Corners, { widthMm, heightMm }: PlateOnSheet['sheet']): number {
  const round = corners.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = corners[(i + 1) % 4]
    return sum + Math.hypot(x - nextX, y - nextY)
  }, 0)
  return round / 2 / (widthMm + heightMm)
}

/** The edges of a sheet that its picture cuts: by the scale a scanner gives it, else by three sides. */
function cutSheet(
  picture: Rgb,
  { sheet, plate }: PlateOnSheet,
  taken: Scan['taken'] | null,
): EdgesFound | null {
  const part = taken === 'camera' ? null : partOfSheet(picture, { sheet, plate }, SEARCHED)
  if (part) return { ...part, lens: null, isSetByHand: false }
  const three = threeSides(picture, sheet, SEARCHED)
  if (!three) return null
  const perMm = pixelsPerMm(three.corners, sheet)
  return {
    corners: three.corners,
    lens: null,
    sides: 'three',
    isSetByHand: false,
    bowMm: three.bowPx / perMm,
    raggedMm: three.raggedPx / perMm,
    spreadMm: three.spreadPx === null ? null : three.spreadPx / perMm,
  }
}
