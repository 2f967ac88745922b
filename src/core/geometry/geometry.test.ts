import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import GeoJSONReader from 'jsts/org/locationtech/jts/io/GeoJSONReader.js'
import BufferOp from 'jsts/org/locationtech/jts/operation/buffer/BufferOp.js'
import OverlayOp from 'jsts/org/locationtech/jts/operation/overlay/OverlayOp.js'
import { boundsOf, type Point } from './point'
import {
  boxOutline,
  boxesMeet,
  contains,
  nearestOnSegment,
  outlineArea,
  selfCrossings,
  signedArea,
  type Outline,
} from './polygon'
import { snapPoint } from './snap'
import {
  brushShape,
  cutAway,
  joinShapes,
  offsetShape,
  overlap,
  shapeArea,
  simplifyOutline,
  untangle,
} from './shapes'

/** A star-shaped outline, plain by how it is made: radii round a middle. */
const starred = (radii: number[], cx = 0, cy = 0): Outline =>
  radii.map((r, i): Point => [
    cx + r * Math.cos((2 * Math.PI * i) / radii.length),
    cy + r * Math.sin((2 * Math.PI * i) / radii.length),
  ])
const radii = fc.array(fc.double({ min: 5, max: 40, noNaN: true }), { minLength: 3, maxLength: 40 })
const square: Outline = [
  [0, 0],
  [10, 0],
  [10, 10],
  [0, 10],
]
const bow: Outline = [
  [0, 0],
  [10, 10],
  [10, 0],
  [0, 10],
]

/** The reference: the JTS topology suite (Eclipse Foundation), a general geometry library. */
const reference = (outline: Outline) =>
  new GeoJSONReader().read({ type: 'Polygon', coordinates: [[...outline, outline[0]]] })

describe('areas, beside JTS', () => {
  it('of a plate, which turns clockwise from its upper left corner', () => {
    const plate = boxOutline({ widthMm: 200, heightMm: 150 })
    expect(plate[0]).toEqual([0, 0])
    expect(signedArea(plate)).toBe(30_000)
  })
  it('of a known square, and of any star', () => {
    expect(outlineArea(square)).toBe(100)
    fc.assert(
      fc.property(radii, (r) => {
        const outline = starred(r)
        expect(outlineArea(outline)).toBeCloseTo(reference(outline).getArea(), 6)
      }),
    )
  })
  it('turn with the outline', () => expect(signedArea([...square].reverse())).toBe(-signedArea(square)))
})

describe('offsets, beside JTS', () => {
  it('a square grown by 1 mm has 144 mm² with sharp corners; shrunk, 64 mm²; by 5 mm nothing is left', () => {
    expect(shapeArea(offsetShape([square], 1, 'sharp'))).toBeCloseTo(144, 6)
    expect(shapeArea(offsetShape([square], -1, 'sharp'))).toBeCloseTo(64, 6)
    expect(offsetShape([square], -5.1, 'sharp')).toEqual([])
  })
  it('with round corners, grown and shrunk, of any star', () => {
    fc.assert(
      fc.property(
        radii,
        fc.integer({ min: -30, max: 30 }).filter((tenths) => tenths !== 0),
        (r, tenths) => {
          const [outline, by] = [starred(r), tenths / 10]
          const wanted = BufferOp.bufferOp(reference(outline), by, 32).getArea() as number
          // Both draw arcs as chords: a thousandth of the area and a hundredth of the outline's length cover it.
          expect(Math.abs(shapeArea(offsetShape([outline], by, 'round')) - wanted)).toBeLessThan(
            1e-3 * wanted + 0.01 * outline.length + 0.5,
          )
        },
      ),
      { numRuns: 60 },
    )
  })
  it('what grows and shrinks again is never smaller than before (closing; property)', () => {
    fc.assert(
      fc.property(radii, (r) => {
        const outline = starred(r)
        expect(shapeArea(offsetShape(offsetShape([outline], 2, 'round'), -2, 'round'))).toBeGreaterThan(
          outlineArea(outline) - 0.5,
        )
      }),
      { numRuns: 40 },
    )
  })
})

describe('shapes together, beside JTS', () => {
  it('union, difference and overlap of any two stars', () => {
    fc.assert(
      fc.property(radii, radii, (r1, r2) => {
        const [a, b] = [starred(r1), starred(r2, 15.3, 7.1)]
        const area = (operation: number) =>
          OverlayOp.overlayOp(reference(a), reference(b), operation).getArea() as number
        expect(shapeArea(joinShapes([a], [b]))).toBeCloseTo(area(OverlayOp.UNION), 1)
        expect(shapeArea(cutAway([a], [b]))).toBeCloseTo(area(OverlayOp.DIFFERENCE), 1)
        expect(shapeArea(overlap([a], [b]))).toBeCloseTo(area(OverlayOp.INTERSECTION), 1)
      }),
      { numRuns: 40 },
    )
  })
  it('a hole counts as none', () =>
    expect(shapeArea(cutAway([starred([20, 20, 20, 20])], [starred([5, 5, 5, 5])]))).toBeCloseTo(800 - 50, 3))
})

describe('outlines drawn by hand', () => {
  it('crossing themselves say where; untangled they cross no more', () => {
    expect(selfCrossings(square)).toEqual([])
    expect(selfCrossings(bow)).toEqual([[5, 5]])
    const plain = untangle(bow)!
    expect(selfCrossings(plain)).toEqual([])
    expect(outlineArea(plain)).toBeCloseTo(25, 3)
  })
  it('any scribble untangles to a plain outline or to nothing (property)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 })), {
          minLength: 3,
          maxLength: 20,
        }),
        (points) => {
          const plain = untangle(points as Point[])
          if (plain) expect(selfCrossings(plain)).toEqual([])
        },
      ),
    )
  })
  it('that touches itself at a point is parted there', () => {
    const plain = untangle([
      [0, 0],
      [34, 43],
      [0, 1],
      [28, 55],
      [55, 1],
      [0, 0],
      [8, 8],
      [58, 51],
    ])
    expect(plain).not.toBeNull()
    expect(selfCrossings(plain!)).toEqual([])
  })
  it('with no area is nothing', () =>
    expect(
      untangle([
        [0, 0],
        [5, 0],
        [9, 0],
      ]),
    ).toBeNull())
  it('a brush stroke covers its capsule', () => {
    const stroke = brushShape(
      [
        [0, 0],
        [20, 0],
      ],
      3,
    )
    expect(shapeArea(stroke)).toBeCloseTo(20 * 6 + Math.PI * 9, 0)
    expect(shapeArea(brushShape([[4, 4]], 3))).toBeCloseTo(Math.PI * 9, 0)
  })
  it('simplified keeps its shape within the tolerance', () => {
    const fine = starred(Array.from({ length: 360 }, () => 30))
    const coarse = simplifyOutline(fine, 0.1)
    expect(coarse.length).toBeLessThan(120)
    expect(outlineArea(coarse)).toBeGreaterThan(outlineArea(fine) * 0.98)
  })
})

describe('points', () => {
  it('lie inside or outside', () => {
    expect(contains(square, [5, 5])).toBe(true)
    expect(contains(square, [15, 5])).toBe(false)
  })
  it('the nearest of a segment is its foot, or an end', () => {
    expect(nearestOnSegment([5, 4], [0, 0], [10, 0])).toEqual([5, 0])
    expect(nearestOnSegment([-5, 4], [0, 0], [10, 0])).toEqual([0, 0])
    expect(nearestOnSegment([3, 3], [1, 1], [1, 1])).toEqual([1, 1])
  })
  it('boxes meet within reach', () => {
    const [a, b] = [boundsOf(square), boundsOf(starred([2, 2, 2, 2], 14, 5))]
    expect(boxesMeet(a, b)).toBe(false)
    expect(boxesMeet(a, b, 2.5)).toBe(true)
    expect(boundsOf([])).toEqual({ left: 0, top: 0, right: 0, bottom: 0 })
  })
})

describe('snapping to a neighbour', () => {
  it('goes to a corner before a side, and stays where nothing is near', () => {
    expect(snapPoint([10.6, 0.5], [square], 1)).toEqual([10, 0])
    expect(snapPoint([10.6, 5], [square], 1)).toEqual([10, 5])
    expect(snapPoint([13, 5], [square], 1)).toEqual([13, 5])
  })
  it('never moves a point further than it reaches (property)', () => {
    fc.assert(
      fc.property(radii, fc.integer({ min: -50, max: 50 }), fc.integer({ min: -50, max: 50 }), (r, x, y) => {
        const [sx, sy] = snapPoint([x, y], [starred(r)], 2)
        expect(Math.hypot(sx - x, sy - y)).toBeLessThanOrEqual(2 + 1e-9)
      }),
    )
  })
})
