import { mean } from '../stats/mean'
import { cropped } from './cropped'
import { findPlate, PLATE_REACH_MM } from './findPlate'
import type { Corners, Spot } from './homography'
import { greyOf, shrunk, type Rgb } from './picture'
import { rectify } from './rectify'
import { seenBox } from './seenBox'
import type { Side } from './sideLine'
import { sidesOnDark, turnOf } from './sidesOnDark'

/** Which sides of a sheet a picture shows that cuts the rest off; null: neither of the two. */
export interface SeenSides {
  x: 'left' | 'right' | null
  y: 'top' | 'bottom' | null
}

/** How a sheet lies that is only partly in its picture. */
export interface SheetPart {
  /** of the whole sheet, px: some lie beyond the picture. Along a way of which no side is seen, they are where the plate found says. */
  corners: Corners
  sides: SeenSides
  /** how far the worst side seen bows, how ragged it is, and how soft its edge is, mm; null: none is seen */
  bowMm: number
  raggedMm: number
  spreadMm: number | null
}

type Lengths = Record<'widthMm' | 'heightMm', number>
/** A sheet, and the plate where the settings place it on it. */
export interface PlateOnSheet {
  sheet: Lengths
  plate: Lengths & { leftMm: number; topMm: number }
}

/** A picture that shows less than this beyond the sheet, mm, may cut it. */
const SHOWS_MM = 2

/** Whether a picture at its own scale cuts the sheet but holds the plate. */
function isPart(picture: Lengths, sheet: Lengths, plate: Lengths): boolean {
  const cuts = (['widthMm', 'heightMm'] as const).some((side) => picture[side] < sheet[side] + SHOWS_MM)
  return cuts && plate.widthMm <= picture.widthMm && plate.heightMm <= picture.heightMm
}

/** Finer than this, px/mm, no plate mark is looked for. */
const FINE_ENOUGH = 3

/** Along a way of which no side is seen, the sheet is laid so that the plate found lies where the settings place it. */
function withPlateFound(picture: Rgb, part: SheetPart, { sheet, plate }: PlateOnSheet): SheetPart {
  const { sides, corners } = part
  if (sides.x && sides.y) return part
  const [width, height] = [sheet.widthMm * FINE_ENOUGH, sheet.heightMm * FINE_ENOUGH].map(Math.round)
  const upright = rectify(picture, corners, width, height)
  if (!upright) return part
  const seen = seenBox(picture, corners, width, height)
  const wanted = {
    left: plate.leftMm * FINE_ENOUGH - seen.left,
    top: plate.topMm * FINE_ENOUGH - seen.top,
    width: plate.widthMm * FINE_ENOUGH,
    height: plate.heightMm * FINE_ENOUGH,
  }
  const at = findPlate(greyOf(cropped(upright, seen)), wanted, FINE_ENOUGH, {
    x: sides.x ? PLATE_REACH_MM : Infinity,
    y: sides.y ? PLATE_REACH_MM : Infinity,
  })
  const [along, down] = [
    sides.x ? 0 : (at.left - wanted.left) / width,
    sides.y ? 0 : (at.top - wanted.top) / height,
  ]
  const [a, b, , d] = corners
  const moved = corners.map(
    ([x, y]) =>
      [
        x + along * (b[0] - a[0]) + down * (d[0] - a[0]),
        y + along * (b[1] - a[1]) + down * (d[1] - a[1]),
      ] as const,
  ) as unknown as Corners
  return { ...part, corners: moved }
}

/**
 * How a sheet lies that is larger than the scanner's glass: its scale is known by the file, its turn and place by the sides that are seen.
 *
 * @param picture with `pixelsPerMm`; no camera's, which has none @param longest side it is looked for in, px
 * @returns null where the picture has no scale, or is not one of a part of the sheet with the whole plate
 */
export function partOfSheet(picture: Rgb, { sheet, plate }: PlateOnSheet, longest: number): SheetPart | null {
  const { pixelsPerMm: scale, width, height } = picture
  if (!scale || !isPart({ widthMm: width / scale, heightMm: height / scale }, sheet, plate)) return null
  const times = Math.max(1, Math.round(Math.max(width, height) / longest))
  const { sides, spreadPx } = sidesOnDark(greyOf(shrunk(picture, times)))
  const [top, right, bottom, left] = sides
  const seen = sides.flatMap((side, i) => (side ? [{ side, turn: turnOf(side, i) }] : []))
  const turn = seen.length > 0 ? mean(seen.map((one) => one.turn)) : 0
  const [across, down]: Spot[] = [
    [Math.cos(turn), Math.sin(turn)],
    [-Math.sin(turn), Math.cos(turn)],
  ]
  const dot = ([x, y]: Spot, [u, v]: Spot) => x * u + y * v
  const [cx, cy] = [width / 2, height / 2]
  // How far along a way the sheet begins, px: by the side seen, where it passes the picture's middle.
  const upright = ({ line: { a, b, c } }: Side) => dot([(times * c - b * cy) / a, cy], across)
  const level = ({ line: { a, b, c } }: Side) => dot([cx, (times * c - a * cx) / b], down)
  const begins = (
    first: number | null,
    last: number | null,
    length: number,
    middle: number,
    plateMm: number,
  ) => first ?? (last === null ? middle - scale * plateMm : last - scale * length)
  const x = begins(
    left && upright(left),
    right && upright(right),
    sheet.widthMm,
    dot([cx, cy], across),
    plate.leftMm + plate.widthMm / 2,
  )
  const y = begins(
    top && level(top),
    bottom && level(bottom),
    sheet.heightMm,
    dot([cx, cy], down),
    plate.topMm + plate.heightMm / 2,
  )
  const at = (alongMm: number, downMm: number): Spot => {
    const [u, v] = [x + scale * alongMm, y + scale * downMm]
    return [u * across[0] + v * down[0], u * across[1] + v * down[1]]
  }
  const part: SheetPart = {
    corners: [at(0, 0), at(sheet.widthMm, 0), at(sheet.widthMm, sheet.heightMm), at(0, sheet.heightMm)],
    sides: {
      x: (left && 'left') ?? (right && 'right'),
      y: (top && 'top') ?? (bottom && 'bottom'),
    },
    bowMm: (times * Math.max(0, ...seen.map(({ side }) => side.bowPx))) / scale,
    raggedMm: (times * Math.max(0, ...seen.map(({ side }) => side.raggedPx))) / scale,
    spreadMm: spreadPx === null || seen.length === 0 ? null : (times * spreadPx) / scale,
  }
  return withPlateFound(picture, part, { sheet, plate })
}

/** The sides that are seen, of a sheet that is turned half round. @param quarters an odd number is no sheet that is cut */
export const sidesTurned = (
  sides: SeenSides | 'three' | null,
  quarters: number,
): SeenSides | 'three' | null =>
  sides && sides !== 'three' && quarters % 4 !== 0
    ? {
        x: sides.x && (sides.x === 'left' ? 'right' : 'left'),
        y: sides.y && (sides.y === 'top' ? 'bottom' : 'top'),
      }
    : sides
