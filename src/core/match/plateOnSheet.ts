import { cropped } from './cropped'
import { findPlateMark, PLATE_REACH_MM, type PlateMark } from './findPlate'
import type { Corners } from './homography'
import type { Lens } from './lens'
import { greyOf, type Rgb } from './picture'
import { rectify } from './rectify'
import { seenBox } from './seenBox'

type Lengths = Record<'widthMm' | 'heightMm', number>
/** A sheet, and the plate where the settings place it on it. */
export interface PlateOnSheet {
  sheet: Lengths
  plate: Lengths & { leftMm: number; topMm: number }
}

/** The same as a picture shows it, in which the sheet lies so many quarters turned clockwise. */
export function turnedOnSheet({ sheet, plate }: PlateOnSheet, quarters: number): PlateOnSheet {
  if (quarters === 0) return { sheet, plate }
  const next: PlateOnSheet = {
    sheet: { widthMm: sheet.heightMm, heightMm: sheet.widthMm },
    plate: {
      leftMm: sheet.heightMm - plate.topMm - plate.heightMm,
      topMm: plate.leftMm,
      widthMm: plate.heightMm,
      heightMm: plate.widthMm,
    },
  }
  return turnedOnSheet(next, quarters - 1)
}

/** Finer than this, px/mm, no plate mark is looked for. */
const FINE_ENOUGH = 3

/** Where a plate mark lies on a sheet from where the settings place it, mm, and how clear it is. */
export interface MarkOnSheet extends Omit<PlateMark, 'box'> {
  xMm: number
  yMm: number
}

/**
 * The plate mark on a sheet between four corners of a picture.
 *
 * @param reachMm how far from its place it may lie, without end where nobody knows
 * @returns null where the corners are no quadrilateral
 */
export function markOnSheet(
  picture: Rgb,
  corners: Corners,
  { sheet, plate }: PlateOnSheet,
  {
    lens = null,
    reachMm = { x: PLATE_REACH_MM, y: PLATE_REACH_MM },
  }: { lens?: Lens | null; reachMm?: Record<'x' | 'y', number> } = {},
): MarkOnSheet | null {
  const [width, height] = [sheet.widthMm * FINE_ENOUGH, sheet.heightMm * FINE_ENOUGH].map(Math.round)
  const upright = rectify(picture, corners, width, height, lens)
  if (!upright) return null
  const seen = seenBox(picture, corners, width, height)
  const wanted = {
    left: plate.leftMm * FINE_ENOUGH - seen.left,
    top: plate.topMm * FINE_ENOUGH - seen.top,
    width: plate.widthMm * FINE_ENOUGH,
    height: plate.heightMm * FINE_ENOUGH,
  }
  const { box, ...how } = findPlateMark(greyOf(cropped(upright, seen)), wanted, FINE_ENOUGH, reachMm)
  return { ...how, xMm: (box.left - wanted.left) / FINE_ENOUGH, yMm: (box.top - wanted.top) / FINE_ENOUGH }
}
