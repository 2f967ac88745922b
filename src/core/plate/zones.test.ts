import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import type { Point } from '../geometry/point'
import type { Outline } from '../geometry/polygon'
import { shapeArea } from '../geometry/shapes'
import { placeSpots } from './spotZones'
import { sharedBorders, visibleShapes, zoneAreas } from './zoneAreas'
import { checkZoneMap, ontoPlate, zoneMapSchema, type Zone } from './zoneMap'

const plate = { widthMm: 100, heightMm: 80 }
const box = (x: number, y: number, width: number, height: number): Point[] => [
  [x, y],
  [x + width, y],
  [x + width, y + height],
  [x, y + height],
]
const zone = (name: string, outline: Point[], more: Partial<Zone> = {}): Zone => ({
  id: name,
  name,
  outline,
  ink: { source: 'ink', id: 'black', name: 'Black' },
  isWhite: false,
  tone: 'light',
  border: 'hard',
  isFiller: false,
  ...more,
})

describe('what is wrong with a map', () => {
  const messages = (zones: Zone[]) =>
    checkZoneMap({ zones }, plate).map(({ message, weight }) => `${weight}: ${message}`)
  it('nothing, where all is well', () =>
    expect(messages([zone('sky', box(0, 0, 100, 40)), zone('sea', box(0, 40, 100, 40))])).toEqual([]))
  it('a zone over the plate’s edge says where', () => {
    const [problem] = checkZoneMap({ zones: [zone('sky', box(0, 0, 104, 40))] }, plate)
    expect(problem).toMatchObject({
      weight: 'refused',
      at: [104, 0],
      message: 'sky reaches over the plate’s edge.',
    })
  })
  it('a zone that crosses itself shows the crossing', () => {
    expect(
      checkZoneMap(
        {
          zones: [
            zone('bow', [
              [0, 0],
              [10, 10],
              [10, 0],
              [0, 10],
            ]),
          ],
        },
        plate,
      )[0],
    ).toMatchObject({ at: [5, 5], message: 'bow crosses itself.' })
  })
  it('no area, and a name there twice, are refused; no ink is open', () => {
    expect(
      messages([
        zone('line', [
          [0, 0],
          [5, 0],
          [9, 0],
        ]),
      ]),
    ).toEqual(['refused: line has no area.'])
    expect(messages([zone('sky', box(0, 0, 5, 5)), zone('sky', box(9, 9, 5, 5))])).toEqual([
      'refused: sky is there twice: give it a name of its own.',
    ])
    expect(
      messages([zone('a', box(0, 0, 5, 5), { ink: null }), zone('b', box(9, 9, 5, 5), { ink: null })]),
    ).toEqual([
      'open: a has no ink: a place to wipe only, until you choose one.',
      'open: b has no ink: a place to wipe only, until you choose one.',
    ])
    expect(messages([zone('a', box(0, 0, 5, 5), { ink: null, isWhite: true })])).toEqual([])
  })
  it('two points are no zone', () =>
    expect(
      zoneMapSchema.safeParse({
        zones: [
          zone('a', [
            [0, 0],
            [1, 1],
          ]),
        ],
        spots: { tone1: null, tone2: null, tone3: null },
      }).error!.issues[0].message,
    ).toBe('needs at least three points'))
  it('points are brought onto the plate', () => expect(ontoPlate([-3, 99], plate)).toEqual([0, 80]))
})

describe('areas', () => {
  it('of what is seen: a post over a sky takes its own from it', () => {
    const [sky, post] = zoneAreas(
      visibleShapes([zone('sky', box(0, 0, 100, 40)), zone('post', box(20, 10, 10, 50))]),
      plate,
    )
    expect(sky).toEqual({ areaCm2: 37, share: 0.4625 })
    expect(post).toEqual({ areaCm2: 5, share: 0.0625 })
  })
  it('seen areas together are the area of all (property)', () => {
    const boxes = fc.array(
      fc.tuple(
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 50 }),
        fc.integer({ min: 3, max: 30 }),
        fc.integer({ min: 3, max: 25 }),
      ),
      { minLength: 1, maxLength: 7 },
    )
    fc.assert(
      fc.property(boxes, (list) => {
        const outlines = list.map(([x, y, w, h]) => ({ outline: box(x, y, w, h) }))
        // Counted by hand, millimetre square by millimetre square.
        let covered = 0
        for (let x = 0; x < 100; x++)
          for (let y = 0; y < 80; y++)
            if (list.some(([bx, by, w, h]) => x >= bx && x < bx + w && y >= by && y < by + h)) covered++
        expect(visibleShapes(outlines).reduce((sum, shape) => sum + shapeArea(shape), 0)).toBeCloseTo(
          covered,
          3,
        )
      }),
      { numRuns: 40 },
    )
  })
})

describe('shared borders', () => {
  const length = (a: Outline, b: Outline) => sharedBorders([[a], [b]])[0]?.lengthMm ?? 0
  it('of two boxes side by side is their side, to about a millimetre at each end', () => {
    expect(Math.abs(length(box(0, 0, 50, 40), box(50, 0, 50, 40)) - 40)).toBeLessThanOrEqual(2.5)
  })
  it('of boxes a little apart still counts; further apart it does not', () => {
    expect(length(box(0, 0, 50, 40), box(50.8, 0, 40, 40))).toBeGreaterThan(38)
    expect(length(box(0, 0, 50, 40), box(53, 0, 40, 40))).toBe(0)
  })
  it('of an island is its whole shore', () => {
    const shapes = visibleShapes([zone('sea', box(0, 0, 100, 80)), zone('island', box(30, 30, 20, 10))])
    expect(Math.abs(sharedBorders(shapes)[0].lengthMm - 60)).toBeLessThan(1)
  })
  it('is the same whichever comes first (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 }), (x, y) => {
        const [a, b] = [box(10, 10, 30, 30), box(x, y, 20, 15)]
        expect(length(a, b)).toBeCloseTo(length(b, a), 9)
      }),
      { numRuns: 30 },
    )
  })
})

describe('spots that are read', () => {
  it('know the topmost zone under them, and what is not placed says so', () => {
    const zones = [zone('sky', box(0, 0, 100, 40)), zone('post', box(20, 10, 10, 50))]
    expect(
      placeSpots({ zones, spots: { tone1: [25, 20], tone2: [80, 20], tone3: null } }).map(
        ({ spot, zone: under }) => [spot, under?.name ?? null],
      ),
    ).toEqual([
      ['tone1', 'post'],
      ['tone2', 'sky'],
      ['tone3', null],
    ])
    expect(placeSpots({ zones: [], spots: { tone1: [5, 5], tone2: null, tone3: null } })[0]).toEqual({
      spot: 'tone1',
      at: [5, 5],
      zone: null,
    })
  })
})
