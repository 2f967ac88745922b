import { cornersOf, homographyOf, mapSpot, type Corners, type Spot } from '../match/homography'
import { printedLayout } from '../match/printedLayout'
import type { Scan } from '../match/scan'
import { readPull } from './readPull'
import type { Pull } from './pull'

/** A picture of an impression, and where the print lies in it. */
export interface ImpressionPicture {
  imageId: string
  /** the plate mark: top left, top right, bottom right, bottom left, as shares of the picture */
  plate: Corners
  /** the sheet's corners were set; otherwise the picture's own frame is taken for the sheet, which is said */
  isSet: boolean
  /** null: a picture that came with a verdict, taken for the print alone */
  scan: Scan | null
}

const WHOLE = cornersOf(1, 1)

/** Where the plate mark lies in a picture of the sheet, shares of the picture; the whole picture where sizes are not known. */
function plateIn({ corners, plateAt }: Scan, settings: Pull['settings']): Corners {
  const { sheet, plate } = printedLayout(settings, [])
  if (sheet.widthMm <= 0 || sheet.heightMm <= 0 || plate.widthMm <= 0 || plate.heightMm <= 0) return WHOLE
  const map = homographyOf(cornersOf(sheet.widthMm, sheet.heightMm), (corners as Corners | null) ?? WHOLE)
  if (!map) return WHOLE
  const { leftMm, topMm } = plateAt ?? plate
  return cornersOf(plate.widthMm, plate.heightMm).map(([x, y]) =>
    mapSpot(map, [leftMm + x, topMm + y]),
  ) as unknown as Corners
}

/**
 * The picture a print is looked at by: of the dry print before the wet one, or what came with its verdict; null: there is none.
 *
 * @example impressionPicture({ ...pull, events: [] }) // null
 */
export function impressionPicture(pull: Pick<Pull, 'events' | 'settings'>): ImpressionPicture | null {
  const { scans, verdict } = readPull(pull)
  const scan = scans.dry ?? scans.wet
  if (scan)
    return {
      imageId: scan.imageId,
      plate: plateIn(scan, pull.settings),
      isSet: scan.corners !== null,
      scan,
    }
  return verdict?.imageId ? { imageId: verdict.imageId, plate: WHOLE, isSet: true, scan: null } : null
}

/** A part of a picture: its middle, and its width, as shares of the picture. */
export interface Crop {
  x: number
  y: number
  width: number
}

/**
 * A crop of the same place of every print, however it lies in its picture: `times` of them side by side are the print's width there.
 *
 * @param spot shares of the print's width and height, from its top left
 * @example cropAt(cornersOf(1, 1), [0.5, 0.5], 4) // { x: 0.5, y: 0.5, width: 0.25 }
 */
export function cropAt(plate: Corners, spot: Spot, times: number): Crop {
  const map = homographyOf(WHOLE, plate)
  const [x, y] = map ? mapSpot(map, spot) : spot
  const [topLeft, topRight, bottomRight, bottomLeft] = plate
  // As long as its sides are, not as far as they reach across: a sheet may lie across in its picture.
  const long = ([ax, ay]: Spot, [bx, by]: Spot) => Math.hypot(bx - ax, by - ay)
  return { x, y, width: (long(topLeft, topRight) + long(bottomLeft, bottomRight)) / 2 / times }
}
