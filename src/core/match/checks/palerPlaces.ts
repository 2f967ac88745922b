import { solveLinear } from '../../linear/solveLinear'
import { mean } from '../../stats/mean'
import { median } from '../../stats/median'
import type { InkCells } from '../inkCells'
import { onSheet, placesOfCells } from './placesOf'
import type { FoundPlace } from './matchCheck'

/** Side of the blocks places are looked for in, mm, and the ink a block must have in the reference, L*, in so large a share of it. */
const BLOCK_MM = 5
const PRINTED = 6
const WHOLE = 0.7
/** A place has less than this share of what the print round it has, and is so large, cm². */
const PALER = 0.8
const LEAST_CM2 = 3
/** The print round it: a slope over the plate, found without the blocks that lie off it by more than this share, either way. */
const BESIDE = 0.1
const FIRST = 0.25
const ROUNDS = 4
const FEWEST = 12

interface Block {
  column: number
  row: number
  /** ink of the impression over that of the reference */
  share: number
}

/** Shares as a slope over the plate, so that a print that is paler to one side has no place; what lies off it is left out in turn. */
function slopeOf(blocks: readonly Block[]): ((block: Block) => number) | null {
  const middle = median(blocks.map(({ share }) => share))
  let kept = blocks.filter(({ share }) => Math.abs(share - middle) <= FIRST * middle)
  let slope: ((block: Block) => number) | null = null
  if (blocks.length < FEWEST) return null
  for (let round = 0; round < ROUNDS; round++) {
    if (kept.length < FEWEST) return slope
    const normal = Array.from({ length: 3 }, () => [0, 0, 0])
    const right = [0, 0, 0]
    for (const { column, row, share } of kept) {
      const at = [1, column, row]
      for (let i = 0; i < 3; i++) {
        right[i] += at[i] * share
        for (let j = 0; j < 3; j++) normal[i][j] += at[i] * at[j]
      }
    }
    const solved = solveLinear(normal, right)
    if (!solved) return slope
    const next = ({ column, row }: Block) => solved[0] + solved[1] * column + solved[2] * row
    slope = next
    kept = blocks.filter((block) => Math.abs(block.share - next(block)) <= BESIDE * next(block))
  }
  return slope
}

/** Places of some size that have less ink than the print round them, where no square by itself is starved. */
export function palerPlaces(
  { columns, rows, sizeMm, cells }: InkCells,
  plate: { leftMm: number; topMm: number },
): { place: FoundPlace; percent: number }[] {
  const side = Math.max(1, Math.round(BLOCK_MM / sizeMm))
  const [across, down] = [Math.floor(columns / side), Math.floor(rows / side)]
  const sums = Array.from({ length: across * down }, () => ({ ours: 0, theirs: 0, count: 0 }))
  for (const { column, row, reference, impression } of cells) {
    const [x, y] = [Math.floor(column / side), Math.floor(row / side)]
    if (x >= across || y >= down) continue
    const sum = sums[y * across + x]
    sum.ours += reference
    sum.theirs += impression
    sum.count += 1
  }
  const blocks = sums.flatMap(({ ours, theirs, count }, i): Block[] =>
    count < WHOLE * side * side || ours / count < PRINTED
      ? []
      : [{ column: i % across, row: Math.floor(i / across), share: theirs / ours }],
  )
  const slope = slopeOf(blocks)
  if (!slope) return []
  const blockMm = side * sizeMm
  return placesOfCells(
    { columns: across, rows: down, sizeMm: blockMm, cells: blocks },
    (block) => block.share < PALER * slope(block),
    (100 * LEAST_CM2) / blockMm ** 2,
    1,
  ).map(({ cells: part, ...box }) => ({
    place: onSheet('blanks', 'paler place', box, plate),
    percent: 100 * (1 - mean(part.map((block) => block.share / slope(block)))),
  }))
}
