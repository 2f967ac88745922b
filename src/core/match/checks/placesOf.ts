import { partsOf } from '../differences'
import type { InkCell, InkCells } from '../inkCells'
import type { FoundPlace, MatchCheck } from './matchCheck'

/** Cells nearer to one another than this are one place. */
const GAP = 3

/**
 * Connected cells that a condition holds for, as places of the plate, mm from its top left corner; parts smaller than `least` cells are left
 * out. @param gap cells nearer to one another than this are one place
 */
export function placesOfCells<Cell extends Pick<InkCell, 'column' | 'row'>>(
  { columns, rows, sizeMm, cells }: Omit<InkCells, 'cells'> & { cells: readonly Cell[] },
  holds: (cell: Cell) => boolean,
  least: number,
  gap = GAP,
): (Omit<FoundPlace, 'check' | 'what'> & { cells: Cell[] })[] {
  const mask = new Uint8Array(columns * rows)
  const by = new Map<number, Cell>()
  for (const cell of cells) {
    by.set(cell.row * columns + cell.column, cell)
    if (holds(cell)) mask[cell.row * columns + cell.column] = 1
  }
  return partsOf(mask, columns, rows, gap)
    .filter((part) => part.length >= least)
    .map((part) => {
      const found = part.map((at) => by.get(at)!)
      const [left, top] = [
        Math.min(...found.map(({ column }) => column)),
        Math.min(...found.map(({ row }) => row)),
      ]
      const [right, bottom] = [
        Math.max(...found.map(({ column }) => column)) + 1,
        Math.max(...found.map(({ row }) => row)) + 1,
      ]
      return {
        xMm: left * sizeMm,
        yMm: top * sizeMm,
        widthMm: (right - left) * sizeMm,
        heightMm: (bottom - top) * sizeMm,
        cells: found,
      }
    })
}

/** A place of the plate as a place of the sheet. */
export const onSheet = (
  check: MatchCheck,
  what: string,
  { xMm, yMm, widthMm, heightMm }: Omit<FoundPlace, 'check' | 'what'>,
  plate: { leftMm: number; topMm: number },
): FoundPlace => ({ check, what, xMm: xMm + plate.leftMm, yMm: yMm + plate.topMm, widthMm, heightMm })

/** The pixels of a part as a place of the sheet. @param origin where the picture's top left corner lies on the sheet */
export function placeOfPixels(
  check: MatchCheck,
  what: string,
  part: readonly number[],
  width: number,
  pixelsPerMm: number,
  origin: { leftMm: number; topMm: number },
): FoundPlace {
  let [left, right, top, bottom] = [width, 0, Infinity, 0]
  for (const i of part) {
    const x = i % width
    const y = (i - x) / width
    if (x < left) left = x
    if (x >= right) right = x + 1
    if (y < top) top = y
    if (y >= bottom) bottom = y + 1
  }
  return {
    check,
    what,
    xMm: origin.leftMm + left / pixelsPerMm,
    yMm: origin.topMm + top / pixelsPerMm,
    widthMm: (right - left) / pixelsPerMm,
    heightMm: (bottom - top) / pixelsPerMm,
  }
}

/** Whether two places lie over one another. */
export const overlap = (one: FoundPlace, other: FoundPlace): boolean =>
  one.xMm < other.xMm + other.widthMm &&
  other.xMm < one.xMm + one.widthMm &&
  one.yMm < other.yMm + other.heightMm &&
  other.yMm < one.yMm + one.heightMm
