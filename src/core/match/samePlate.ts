import { median } from '../stats/median'
import { PairSums } from '../stats/pairSums'
import type { InkCells } from './inkCells'

/** Squares this near to the plate's edge are left out: every plate is darker than its margin. */
const RIM_CELLS = 3
/** Side of the blocks whose squares are compared, in squares; so many blocks are needed. */
const BLOCK = 8
const FEWEST = 6
/**
 * A block says something from this spread of ink on, L*, in either print. Where the reference strays less than a fifth of that it is even
 * there; where the impression does, nothing was printed, which says nothing of the plate.
 */
const DRAWN = 1.5
const EVEN = DRAWN / 5
/** Two prints of one plate have the ink of a block at the same places at least so much. */
const SAME_PLATE = 0.4

/**
 * How much two prints have their ink at the same places within the plate, −1 to 1: the middle of the correlations of its blocks, square by
 * square. It says of smooth plates, of which no lines can be compared, whether they are one; that a part of the print lost its ink, or all
 * of it, does not move it. Null where too few blocks say anything.
 */
export function inkLikeness({ columns, rows, cells }: InkCells): number | null {
  const across = Math.ceil(columns / BLOCK)
  const blocks = new Map<number, PairSums>()
  for (const { column, row, reference, impression } of cells) {
    if (Math.min(column, row, columns - 1 - column, rows - 1 - row) < RIM_CELLS) continue
    const at = Math.floor(row / BLOCK) * across + Math.floor(column / BLOCK)
    const sums = blocks.get(at) ?? new PairSums()
    sums.add(reference, impression)
    blocks.set(at, sums)
  }
  const found = [...blocks.values()].flatMap((sums) => {
    if (sums.count < (BLOCK * BLOCK) / 2) return []
    const [one, other] = [sums.squaresA, sums.squaresB].map((squares) => Math.sqrt(squares / sums.count))
    if (Math.max(one, other) < DRAWN || other < EVEN) return []
    return [one < EVEN ? 0 : sums.correlation]
  })
  return found.length < FEWEST ? null : median(found)
}

/** Whether two prints may be of one plate by where their ink is. */
export function maySharePlate(cells: InkCells): boolean {
  const likeness = inkLikeness(cells)
  return likeness === null || likeness >= SAME_PLATE
}
