import { median } from '../../stats/median'
import { formatNumber } from '../../units/length'
import type { InkCell, InkCells } from '../inkCells'
import { onSheet } from './placesOf'
import type { CheckResult } from './matchCheck'

/** A band is narrower than this, mm, and shows in at least this share of the cells along it. */
const WIDEST_MM = 9
const SHARE = 0.75
/** Weaker than this, L*, nobody sees a band. */
const FAINT = 1.2

interface Line {
  at: number
  value: number
  share: number
}

/** Every row or column of cells: what it differs by from its neighbourhood, and in how much of it. */
function linesOf({ cells, sizeMm }: InkCells, axis: 'column' | 'row', count: number): Line[] {
  const differences = Array.from({ length: count }, (): number[] => [])
  const off = ({ reference, impression }: InkCell) => impression - reference
  for (const cell of cells) differences[cell[axis]].push(off(cell))
  const middles = differences.map((values) => (values.length < 8 ? null : median(values)))
  const reach = Math.ceil(WIDEST_MM / sizeMm)
  return middles.flatMap((middle, at) => {
    if (middle === null) return []
    const round = middles
      .slice(Math.max(0, at - reach), at + reach + 1)
      .filter((value): value is number => value !== null)
    const value = middle - median(round)
    const level = median(round)
    const share =
      differences[at].filter(
        (one) => Math.sign(one - level) === Math.sign(value) && Math.abs(one - level) > Math.abs(value) / 3,
      ).length / differences[at].length
    return [{ at, value, share }]
  })
}

/** Bands across or along the plate: it stood still under the roller, or the wiping left a streak. */
export function checkBands(cells: InkCells, plate: { leftMm: number; topMm: number }): CheckResult {
  const { columns, rows, sizeMm } = cells
  const found = (
    [
      ['column', columns],
      ['row', rows],
    ] as const
  ).flatMap(([axis, count]) =>
    linesOf(cells, axis, count)
      .filter(({ value, share }) => Math.abs(value) >= FAINT && share >= SHARE)
      .map((line) => ({ axis, ...line })),
  )
  if (found.length === 0) return { check: 'bands', value: 0, words: 'No band.', places: [] }
  const worst = found.reduce((most, line) => (Math.abs(line.value) > Math.abs(most.value) ? line : most))
  const together = found.filter(
    (line) =>
      line.axis === worst.axis &&
      Math.abs(line.at - worst.at) * sizeMm <= WIDEST_MM &&
      Math.sign(line.value) === Math.sign(worst.value),
  )
  const [from, to] = [
    Math.min(...together.map(({ at }) => at)),
    Math.max(...together.map(({ at }) => at)) + 1,
  ]
  const what = `${worst.value > 0 ? 'dark' : 'pale'} band`
  const box =
    worst.axis === 'column'
      ? { xMm: from * sizeMm, yMm: 0, widthMm: (to - from) * sizeMm, heightMm: rows * sizeMm }
      : { xMm: 0, yMm: from * sizeMm, widthMm: columns * sizeMm, heightMm: (to - from) * sizeMm }
  return {
    check: 'bands',
    value: worst.value,
    words: `A ${what} ${worst.axis === 'column' ? 'from top to bottom' : 'from left to right'}, ${formatNumber(Math.abs(worst.value), 1)} L*.`,
    places: [onSheet('bands', what, box, plate)],
  }
}
