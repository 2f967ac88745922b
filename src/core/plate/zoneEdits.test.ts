import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { boundsOf, type Point } from '../geometry/point'
import { outlineArea, selfCrossings } from '../geometry/polygon'
import { brushed, cutToPlate, freeZoneName, middleBox, nudge, repairOutline } from './zoneEdits'
import { MOST_POINTS } from './zoneMap'

const plate = { widthMm: 100, heightMm: 80 }
const box: Point[] = [
  [10, 10],
  [40, 10],
  [40, 30],
  [10, 30],
]
const onPlate = (outline: Point[]) => {
  const { left, top, right, bottom } = boundsOf(outline)
  return left >= 0 && top >= 0 && right <= 100 && bottom <= 80
}
const path = fc.array(fc.tuple(fc.integer({ min: -20, max: 120 }), fc.integer({ min: -20, max: 100 })), {
  minLength: 1,
  maxLength: 30,
})

describe('what is drawn by hand', () => {
  it('a bow is repaired to its larger half', () => {
    const plain = repairOutline(
      [
        [0, 0],
        [20, 20],
        [20, 0],
        [0, 20],
      ],
      plate,
    )!
    expect(selfCrossings(plain)).toEqual([])
    expect(outlineArea(plain)).toBeCloseTo(100, 1)
  })
  it('beyond the plate is cut to it; wholly beyond is nothing', () => {
    expect(
      outlineArea(
        cutToPlate(
          [
            [80, 0],
            [120, 0],
            [120, 20],
            [80, 20],
          ],
          plate,
        )!,
      ),
    ).toBeCloseTo(400, 6)
    expect(
      cutToPlate(
        [
          [120, 0],
          [140, 0],
          [140, 20],
        ],
        plate,
      ),
    ).toBeNull()
  })
  it('any brush stroke is a zone that can be kept, or nothing (property)', () => {
    fc.assert(
      fc.property(path, fc.integer({ min: 1, max: 10 }), (points, radius) => {
        const outline = brushed(null, points as Point[], radius, plate)
        if (!outline) return
        expect(onPlate(outline)).toBe(true)
        expect(selfCrossings(outline)).toEqual([])
        expect(outline.length).toBeLessThanOrEqual(MOST_POINTS)
      }),
      { numRuns: 60 },
    )
  })
  it('a stroke joins the zone it began on, or takes from it', () => {
    const stroke: Point[] = [
      [35, 20],
      [60, 20],
    ]
    const joined = outlineArea(brushed(box, stroke, 5, plate)!)
    // 600 + 20 × 10 beyond the side + half a round end, by hand.
    expect(joined).toBeCloseTo(600 + 200 + (Math.PI * 25) / 2, -1)
    expect(outlineArea(brushed(box, stroke, 5, plate, true)!)).toBeLessThan(600)
  })
})

describe('moved by keys', () => {
  it('a zone goes as far as the plate’s edge and keeps its shape (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: -200, max: 200 }), fc.integer({ min: -200, max: 200 }), (dx, dy) => {
        const moved = nudge(box, [dx, dy], plate, null)
        expect(onPlate(moved)).toBe(true)
        expect(outlineArea(moved)).toBeCloseTo(600, 6)
      }),
    )
  })
  it('one point alone', () =>
    expect(nudge(box, [0.5, -0.5], plate, 1)).toEqual([
      [10, 10],
      [40.5, 9.5],
      [40, 30],
      [10, 30],
    ]))
})

describe('a new zone', () => {
  it('has a free name and begins in the middle', () => {
    expect(freeZoneName([{ name: 'sky' }, { name: 'Zone 3' }])).toBe('Zone 4')
    expect(outlineArea(middleBox(plate))).toBeCloseTo(8000 / 9, -1)
  })
})
