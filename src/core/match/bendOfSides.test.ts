import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bendOfSides } from './bendOfSides'
import type { Spot } from './homography'
import { lensOf, seenAt, seenTimes } from './lens'
import { lineThrough, meet } from './sideLine'

const SIZE = { width: 900, height: 700 }
/** Points along a line between two places. */
const along = ([ax, ay]: Spot, [bx, by]: Spot): Spot[] =>
  Array.from({ length: 120 }, (_, i) => [ax + ((bx - ax) * i) / 119, ay + ((by - ay) * i) / 119])
const CORNERS: Spot[] = [
  [80, 60],
  [830, 75],
  [822, 640],
  [70, 622],
]
const SIDES = CORNERS.map((corner, i) => along(corner, CORNERS[(i + 1) % 4]))

describe('what bends four straight sides alike', () => {
  it('is found, whatever it is (property)', () =>
    fc.assert(
      fc.property(fc.double({ min: -0.12, max: 0.12, noNaN: true }), (bend) => {
        const lens = lensOf(SIZE, bend)
        const seen = SIDES.map((side) => side.map((spot) => seenAt(lens, spot)))
        expect(Math.abs(bendOfSides(seen, SIZE) - bend)).toBeLessThan(0.002)
      }),
      { numRuns: 20 },
    ))
  it('is found beside a fifth of the points that are torn', () => {
    const lens = lensOf(SIZE, -0.06)
    const seen = SIDES.map((side) =>
      side.map((spot, i): Spot => {
        const [x, y] = seenAt(lens, spot)
        return i < 20 ? [x + 12, y + 12] : [x, y]
      }),
    )
    expect(Math.abs(bendOfSides(seen, SIZE) + 0.06)).toBeLessThan(0.006)
  })
  it('brings a corner of a barrel nearer by as much as it says', () => {
    expect(seenTimes(0, 1)).toBe(1)
    // Taken back by what straightens, it lies where it lay.
    const times = seenTimes(-0.1, 1)
    expect(times / (1 - 0.1 * times * times)).toBeCloseTo(1, 9)
  })
})

describe('a line through points', () => {
  it('lies through those in a line, and tells how far its middle bows', () => {
    const straight = lineThrough(along([10, 20], [410, 20]))!
    expect(Math.abs(straight.line.c / straight.line.b)).toBeCloseTo(20, 6)
    expect(straight.bowPx).toBeCloseTo(0, 6)
    const bowed = lineThrough(
      along([10, 20], [410, 20]).map(([x, y]): Spot => [x, y + ((x - 210) / 200) ** 2]),
    )!
    // Of u² the mean over the middle third is 1/27 and over the outer ones 13/27.
    expect(bowed.bowPx).toBeCloseTo(4 / 9, 1)
    expect(
      lineThrough([
        [1, 1],
        [2, 2],
      ]),
    ).toBeNull()
  })
  it('meets another where both lie, and one beside it nowhere', () => {
    const down = lineThrough(along([50, 0], [50, 300]))!.line
    const across = lineThrough(along([0, 40], [300, 70]))!.line
    expect(meet(down, across)!.map((value) => Number(value.toFixed(6)))).toEqual([50, 45])
    expect(meet(down, down)).toBeNull()
  })
})
