import { median } from '../../stats/median'
import { formatNumber } from '../../units/length'
import type { InkCells } from '../inkCells'
import { onSheet } from './placesOf'
import type { CheckResult } from './matchCheck'

/** Cells this near to the plate's edge are its rim, mm. */
const RIM_MM = 2
const SIDES = ['left', 'right', 'top', 'bottom'] as const

/** The rim of the plate against its inside: darker where bevels were dirty, paler where they were wiped too far. The worst side counts. */
export function checkEdges(
  { columns, rows, sizeMm, cells }: InkCells,
  plate: { leftMm: number; topMm: number },
): CheckResult {
  const rim = Math.max(1, Math.round(RIM_MM / sizeMm))
  const off = (of: InkCells['cells']) =>
    median(of.map(({ referenceGround, impressionGround }) => impressionGround - referenceGround))
  const within = cells.filter(
    ({ column, row }) =>
      column >= 2 * rim && column < columns - 2 * rim && row >= 2 * rim && row < rows - 2 * rim,
  )
  // Line by line of squares: the outermost may lie half beyond the edge, and a bevel is narrow.
  const lines = (lineOf: (cell: InkCells['cells'][number]) => number) =>
    Array.from({ length: rim }, (_, i) => cells.filter((cell) => lineOf(cell) === i)).filter(
      (line) => line.length > 0,
    )
  const at = {
    left: lines(({ column }) => column),
    right: lines(({ column }) => columns - 1 - column),
    top: lines(({ row }) => row),
    bottom: lines(({ row }) => rows - 1 - row),
  }
  if (within.length === 0 || SIDES.some((side) => at[side].length === 0))
    return { check: 'edges', value: null, words: 'The plate’s edges are not all in the picture.', places: [] }
  const inside = off(within)
  const strongest = (values: number[]) =>
    values.reduce((most, value) => (Math.abs(value) > Math.abs(most) ? value : most))
  const sides = SIDES.map((side) => ({
    side,
    value: strongest(at[side].map((line) => off(line) - inside)),
  }))
  const worst = sides.reduce((most, one) => (Math.abs(one.value) > Math.abs(most.value) ? one : most))
  const said = sides.filter(({ value }) => Math.abs(value) >= 1)
  const [width, height, thick] = [columns * sizeMm, rows * sizeMm, rim * sizeMm]
  const strips = {
    left: [0, 0, thick, height],
    right: [width - thick, 0, thick, height],
    top: [0, 0, width, thick],
    bottom: [0, height - thick, width, thick],
  }
  const places = said.map(({ side, value }) => {
    const [xMm, yMm, widthMm, heightMm] = strips[side]
    return onSheet(
      'edges',
      `${value > 0 ? 'dirty bevel' : 'wiped out'} at the ${side}`,
      { xMm, yMm, widthMm, heightMm },
      plate,
    )
  })
  return {
    check: 'edges',
    value: worst.value,
    words:
      said.length === 0
        ? 'The rim is as the reference’s.'
        : `The rim is ${said.map(({ side, value }) => `${formatNumber(Math.abs(value), 1)} L* ${value > 0 ? 'darker' : 'paler'} at the ${side}`).join(', ')}.`,
    places,
  }
}
