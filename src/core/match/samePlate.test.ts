import { describe, expect, it } from 'vitest'
import type { InkCells } from './inkCells'
import { inkLikeness, maySharePlate } from './samePlate'

const [COLUMNS, ROWS] = [40, 30]
const cells = (
  at: (column: number, row: number) => readonly [reference: number, impression: number],
): InkCells => ({
  columns: COLUMNS,
  rows: ROWS,
  sizeMm: 1,
  cells: Array.from({ length: COLUMNS * ROWS }, (_, i) => {
    const [column, row] = [i % COLUMNS, Math.floor(i / COLUMNS)]
    const [reference, impression] = at(column, row)
    return { column, row, reference, impression, referenceGround: 0, impressionGround: 0, darkest: reference }
  }),
})
/** A smooth dark plate with a light moon in it. */
const moon = (x: number, y: number) => (column: number, row: number) =>
  60 - 40 * Math.exp(-((column - x) ** 2 + (row - y) ** 2) / 60)
const [ours, theirs] = [moon(10, 10), moon(28, 20)]

describe('whether two prints may be of one plate', () => {
  it('is told of smooth plates by where their ink is', () => {
    expect(inkLikeness(cells((c, r) => [ours(c, r), ours(c, r)]))).toBeCloseTo(1, 6)
    expect(maySharePlate(cells((c, r) => [ours(c, r), theirs(c, r)]))).toBe(false)
  })
  it('is not doubted where less ink is laid, a place is starved, or half of it did not print', () => {
    for (const impression of [
      (c: number, r: number) => 0.6 * ours(c, r),
      (c: number, r: number) => (c > 30 && r < 10 ? 4 : ours(c, r)),
      (c: number, r: number) => (r > 20 ? 0.4 : 1) * ours(c, r),
      (c: number, r: number) => (c > 8 ? 0 : ours(c, r)),
    ])
      expect(maySharePlate(cells((c, r) => [ours(c, r), impression(c, r)]))).toBe(true)
  })
  it('cannot be told where both prints are as dark everywhere, or hardly any of them is seen', () => {
    expect(inkLikeness(cells(() => [50, 50]))).toBeNull()
    expect(maySharePlate(cells(() => [50, 50]))).toBe(true)
    const few = cells((c, r) => [ours(c, r), theirs(c, r)])
    expect(inkLikeness({ ...few, cells: few.cells.slice(0, 200) })).toBeNull()
  })
  it('does not go by the rim, which is darker than its margin on every plate', () => {
    const rim = (c: number, r: number) => (Math.min(c, r, COLUMNS - 1 - c, ROWS - 1 - r) < 3 ? 80 : 0)
    expect(maySharePlate(cells((c, r) => [ours(c, r) + rim(c, r), theirs(c, r) + rim(c, r)]))).toBe(false)
  })
})
