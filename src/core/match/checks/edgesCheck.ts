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
  const at = {
    left: cells.filter(({ column }) => column < rim),
    right: cells.filter(({ column }) => column >= columns - rim),
    top: cells.filter(({ row }) => row < rim),
    bottom: cells.filter(({ row }) => row >= rows - rim),
  }
  if (within.length === 0 || SIDES.some((side) => at[side].length === 0))
    return { check: 'edges', value: null, words: 'The plate’s edges are not all in the picture.', places: [] }
  const inside = off(within)
  const sides = SIDES.map((side) => ({ side, value: off(at[side]) - inside }))
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
