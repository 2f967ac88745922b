import { mean } from '../stats/mean'
import { PLATE_REACH_MM } from './findPlate'
import type { Corners, Spot } from './homography'
import { mostLikely, speaksFor, speaksForAnother, turnedBy } from './lying'
import { greyOf, shrunk, type Rgb } from './picture'
import { markOnSheet, turnedOnSheet, type MarkOnSheet, type PlateOnSheet } from './plateOnSheet'
import { sidesTurned, type SeenSides } from './seenSides'
import type { Side } from './sideLine'
import { sidesOnDark, turnOf } from './sidesOnDark'

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
/** A sheet as it is taken to lie, and the plate mark it then has. */
interface MarkedPart {
  part: SheetPart
  mark: MarkOnSheet | null
}

type Lengths = PlateOnSheet['sheet']

/** A picture that shows less than this beyond the sheet, mm, may cut it. */
const SHOWS_MM = 2

/** Whether a picture at its own scale cuts a sheet that lies upright in it. */
const isCut = (picture: Lengths, sheet: Lengths): boolean =>
  (['widthMm', 'heightMm'] as const).some((side) => picture[side] < sheet[side] + SHOWS_MM)

/** The ways a sheet may lie of which a picture shows a part, quarters clockwise: those of which it holds the whole plate. */
function waysOf(picture: Lengths, onSheet: PlateOnSheet): number[] {
  if (!isCut(picture, onSheet.sheet)) return []
  return [0, 1, 2, 3].filter((quarters) => {
    const { sheet, plate } = turnedOnSheet(onSheet, quarters)
    return isCut(picture, sheet) && plate.widthMm <= picture.widthMm && plate.heightMm <= picture.heightMm
  })
}

/** Along a way of which no side is seen, the sheet is laid so that the plate found lies where the settings place it. */
function withPlateFound(picture: Rgb, part: SheetPart, onSheet: PlateOnSheet): MarkedPart {
  const { sides, corners } = part
  const mark = markOnSheet(picture, corners, onSheet, {
    reachMm: { x: sides.x ? PLATE_REACH_MM : Infinity, y: sides.y ? PLATE_REACH_MM : Infinity },
  })
  if (!mark) return { part, mark }
  const [along, down] = [
    sides.x ? 0 : mark.xMm / onSheet.sheet.widthMm,
    sides.y ? 0 : mark.yMm / onSheet.sheet.heightMm,
  ]
  const [a, b, , d] = corners
  const moved = corners.map(
    ([x, y]) =>
      [
        x + along * (b[0] - a[0]) + down * (d[0] - a[0]),
        y + along * (b[1] - a[1]) + down * (d[1] - a[1]),
      ] as const,
  ) as unknown as Corners
  return {
    part: { ...part, corners: moved },
    mark: { ...mark, xMm: sides.x ? mark.xMm : 0, yMm: sides.y ? mark.yMm : 0 },
  }
}

/** A sheet is only taken to lie across where its plate mark speaks for it at least so much: one of few lines does from 0.045 on, and none in a wrong place [bench photographs]. */
const MARKED = 0.02

/** Sides of a sheet in a picture that cuts it, and by how many pixels of the search it is finer. */
interface SidesSeen {
  sides: ReturnType<typeof sidesOnDark>
  times: number
  /** px/mm */
  scale: number
}

/** A sheet as it lies when nothing of it is turned, by its sides that are seen. */
function laidBySides(
  { width, height }: Rgb,
  { sides: { sides, spreadPx }, times, scale }: SidesSeen,
  { sheet, plate }: PlateOnSheet,
): SheetPart {
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
  return {
    corners: [at(0, 0), at(sheet.widthMm, 0), at(sheet.widthMm, sheet.heightMm), at(0, sheet.heightMm)],
    sides: {
      x: (left && 'left') ?? (right && 'right'),
      y: (top && 'top') ?? (bottom && 'bottom'),
    },
    bowMm: (times * Math.max(0, ...seen.map(({ side }) => side.bowPx))) / scale,
    raggedMm: (times * Math.max(0, ...seen.map(({ side }) => side.raggedPx))) / scale,
    spreadMm: spreadPx === null || seen.length === 0 ? null : (times * spreadPx) / scale,
  }
}

/**
 * How a sheet lies that is larger than the scanner's glass: its scale is known by the file, its turn and place by the sides that are seen. A sheet laid across, or
 * upside down, is told by where its plate mark then lies.
 *
 * @param picture with `pixelsPerMm`; no camera's, which has none @param longest side it is looked for in, px
 * @returns null where the picture has no scale, or is not one of a part of the sheet with the whole plate
 */
export function partOfSheet(picture: Rgb, onSheet: PlateOnSheet, longest: number): SheetPart | null {
  const { pixelsPerMm: scale, width, height } = picture
  if (!scale) return null
  const ways = waysOf({ widthMm: width / scale, heightMm: height / scale }, onSheet)
  if (ways.length === 0) return null
  const times = Math.max(1, Math.round(Math.max(width, height) / longest))
  const seen: SidesSeen = { sides: sidesOnDark(greyOf(shrunk(picture, times))), times, scale }
  const laid = ways.flatMap((quarters): MarkedPart[] => {
    const part = laidBySides(picture, seen, turnedOnSheet(onSheet, quarters))
    const upright: SheetPart = {
      ...part,
      corners: turnedBy(part.corners, quarters),
      sides: sidesTurned(part.sides, quarters),
    }
    const marked = withPlateFound(picture, upright, onSheet)
    return quarters === 0 || speaksForAnother(marked.mark) > MARKED ? [marked] : []
  })
  const [first, ...others] = laid
  return laid.length === 0 ? null : mostLikely([first, ...others], ({ mark }) => speaksFor(mark)).part
}
