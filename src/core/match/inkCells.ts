import type { JudgedPlate } from './judgedPlate'

/** A square of the plate, by what both prints have in it. */
export interface InkCell {
  /** place among the cells of the plate */
  column: number
  row: number
  /** mean ink, L* below the paper */
  reference: number
  impression: number
  /** the film between the lines: the ink a fifth of the pixels lie below */
  referenceGround: number
  impressionGround: number
  /** most ink of the reference */
  darkest: number
}

export interface InkCells {
  columns: number
  rows: number
  sizeMm: number
  cells: InkCell[]
}

const GROUND = 0.2

/** Divides the plate into squares; those the impression does not reach whole, or that lie beyond the sheet, are left out. */
export function inkCells(
  { width, height, pixelsPerMm, plate, referenceInk, impressionInk, seen }: JudgedPlate,
  sizeMm: number,
): InkCells {
  const size = Math.max(2, Math.round(sizeMm * pixelsPerMm))
  const columns = Math.floor(plate.width / size)
  const rows = Math.floor(plate.height / size)
  const cells: InkCell[] = []
  const ours = new Float32Array(size * size)
  const theirs = new Float32Array(size * size)
  const at = Math.floor(GROUND * size * size)
  const [left, top] = [Math.round(plate.left), Math.round(plate.top)]
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const [x0, y0] = [left + column * size, top + row * size]
      if (x0 < 0 || y0 < 0 || x0 + size > width || y0 + size > height) continue
      let n = 0
      let one = 0
      let other = 0
      let darkest = 0
      for (let y = 0; y < size; y++) {
        let i = (y0 + y) * width + x0
        for (let x = 0; x < size; x++, i++) {
          if (!seen[i]) continue
          ours[n] = referenceInk[i]
          theirs[n] = impressionInk[i]
          n += 1
          one += referenceInk[i]
          other += impressionInk[i]
          if (referenceInk[i] > darkest) darkest = referenceInk[i]
        }
      }
      if (n < size * size) continue
      ours.sort()
      theirs.sort()
      cells.push({
        column,
        row,
        reference: one / n,
        impression: other / n,
        referenceGround: ours[at],
        impressionGround: theirs[at],
        darkest,
      })
    }
  }
  return { columns, rows, sizeMm: size / pixelsPerMm, cells }
}
