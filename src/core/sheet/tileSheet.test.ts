import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import type { Point } from '../geometry/point'
import type { SheetDrawing } from './sheetDrawing'
import { clipSegment, OVERLAP_MM, PAGES, tileSheet } from './tileSheet'

const drawing = (widthMm: number, heightMm: number, more: Partial<SheetDrawing> = {}): SheetDrawing => ({
  widthMm,
  heightMm,
  title: 'Sheet',
  strokes: [],
  words: [],
  pictures: [],
  ...more,
})

describe('a drawing cut into pages', () => {
  it('an A4 drawing less its white edge is one page; a registration sheet of 344 × 294 mm takes two A4 across and two down', () => {
    expect(tileSheet(drawing(194, 281), 'a4')).toHaveLength(1)
    expect(tileSheet(drawing(344, 294), 'a4').map(({ name }) => name)).toEqual(['A1', 'A2', 'B1', 'B2'])
    expect(tileSheet(drawing(344, 294), 'a3').map(({ name }) => name)).toEqual(['A1', 'A2'])
  })
  it('every point of every line is on a page, at its place to a millionth (property)', () => {
    const point = fc
      .tuple(fc.double({ min: 0, max: 700, noNaN: true }), fc.double({ min: 0, max: 500, noNaN: true }))
      .map(([x, y]): Point => [x, y])
    fc.assert(
      fc.property(
        point,
        point,
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.constantFrom('a4' as const, 'letter' as const),
        (a, b, t, size) => {
          const wanted: Point = [a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])]
          const onSome = tileSheet(
            drawing(700, 500, { strokes: [{ points: [a, b], isClosed: false, widthMm: 0.3, name: 'it' }] }),
            size,
          ).some(({ drawing: page, fromXMm, fromYMm }) =>
            page.strokes
              .filter(({ name }) => name === 'it')
              .some(({ points: [[x1, y1], [x2, y2]] }) => {
                const [p, q]: [Point, Point] = [
                  [x1 + fromXMm, y1 + fromYMm],
                  [x2 + fromXMm, y2 + fromYMm],
                ]
                const length = Math.hypot(q[0] - p[0], q[1] - p[1])
                return (
                  Math.abs(
                    Math.hypot(wanted[0] - p[0], wanted[1] - p[1]) +
                      Math.hypot(wanted[0] - q[0], wanted[1] - q[1]) -
                      length,
                  ) < 1e-6
                )
              }),
          )
          expect(onSome).toBe(true)
        },
      ),
      { numRuns: 60 },
    )
  })
  it('no line leaves its page’s white edge, and neighbours carry the same crosses in their overlap', () => {
    const tiles = tileSheet(
      drawing(600, 400, {
        strokes: [
          {
            points: [
              [0, 0],
              [600, 400],
            ],
            isClosed: false,
            widthMm: 0.3,
          },
        ],
      }),
      'a4',
    )
    const crossesOf = (name: string) => {
      const tile = tiles.find((one) => one.name === name)!
      return tile.drawing.strokes
        .filter(({ points: [[x1, y1], [x2, y2]] }) => Math.abs(Math.hypot(x2 - x1, y2 - y1) - 4) < 1e-9)
        .map(({ points }) =>
          points
            .map(([x, y]) => `${(x + tile.fromXMm).toFixed(6)} ${(y + tile.fromYMm).toFixed(6)}`)
            .join(' '),
        )
    }
    expect(crossesOf('A1').filter((cross) => crossesOf('A2').includes(cross)).length).toBeGreaterThanOrEqual(
      4,
    )
    expect(crossesOf('A1').filter((cross) => crossesOf('B1').includes(cross)).length).toBeGreaterThanOrEqual(
      4,
    )
    for (const { drawing: page } of tiles)
      for (const { points } of page.strokes)
        for (const [x, y] of points) {
          expect(x).toBeGreaterThanOrEqual(8 - 1e-9)
          expect(x).toBeLessThanOrEqual(PAGES.a4.widthMm - 8 + 1e-9)
          expect(y).toBeLessThanOrEqual(PAGES.a4.heightMm - 8 + 1e-9)
        }
    const [first, second] = tiles
    expect(second.fromXMm - first.fromXMm).toBeCloseTo(PAGES.a4.widthMm - 16 - OVERLAP_MM, 9)
  })
})

describe('a segment in a window', () => {
  const window = { x: 10, y: 10, width: 80, height: 30 }
  it('worked by hand: a diagonal is cut where it enters and leaves', () => {
    expect(clipSegment([0, 0], [100, 50], window)).toEqual([
      [20, 10],
      [80, 40],
    ])
    expect(clipSegment([0, 5], [100, 5], window)).toBeNull()
    expect(clipSegment([20, 20], [30, 20], window)).toEqual([
      [20, 20],
      [30, 20],
    ])
  })
})
