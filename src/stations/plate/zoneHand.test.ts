import { describe, expect, it } from 'vitest'
import { boundsOf, type Point } from '@/core/geometry/point'
import { boxOutline, outlineArea } from '@/core/geometry/polygon'
import { EMPTY_ZONE_MAP, MOST_ZONES, type Zone, type ZoneMap } from '@/core/plate/zoneMap'
import {
  brushProblem,
  brushWithin,
  choosing,
  mapStanding,
  mended,
  painted,
  settledOutline,
  toolWords,
  withoutZone,
  withSpot,
  withZone,
  zoneColours,
  zoneKey,
} from './zoneHand'

const plate = { widthMm: 200, heightMm: 150 }
const box: Point[] = [
  [50, 50],
  [90, 50],
  [90, 80],
  [50, 80],
]
const map = withZone(EMPTY_ZONE_MAP, box, 'z1')!
const [zone] = map.zones
const whole = { corner: null, isPrintWay: false }
const key = (name: string, hand = {}, shiftKey = false) =>
  zoneKey(zone, { ...whole, ...hand }, { key: name, shiftKey }, plate)

describe('a map while it is drawn', () => {
  it('takes one more zone, under a name that is free, until it is full', () => {
    const two = withZone(map, box, 'z2')!
    expect(two.zones.map(({ id, name }) => [id, name])).toEqual([
      ['z1', 'Zone 1'],
      ['z2', 'Zone 2'],
    ])
    let full: ZoneMap = EMPTY_ZONE_MAP
    for (let i = 0; i < MOST_ZONES; i++) full = withZone(full, box, String(i))!
    expect(withZone(full, box, 'one more')).toBeNull()
  })
  it('loses the zone that is taken out, and no other', () => {
    expect(withoutZone(withZone(map, box, 'z2')!, 'z1').zones.map(({ id }) => id)).toEqual(['z2'])
  })
  it('has its places to the tenth of a millimetre, its outlines to the hundredth', () => {
    expect(withSpot(map, 'tone1', [12.34, 5.06]).spots).toEqual({
      tone1: [12.3, 5.1],
      tone2: null,
      tone3: null,
    })
    expect(settledOutline([[1.239, 2.001]])).toEqual([[1.24, 2]])
  })
  it('is shown in the colours of its inks, grey where none is chosen', () => {
    const ink = { source: 'card', id: 'i1', name: 'Blue' } as Zone['ink']
    const inks = [{ source: 'card', id: 'i1', look: { srgb: '#224488' } }]
    expect(
      zoneColours(
        [
          { ...zone, ink },
          { ...zone, id: 'z2' },
        ],
        inks,
      ),
    ).toEqual({ z1: '#224488', z2: '#b0b0b0' })
    expect(zoneColours([{ ...zone, ink: { ...ink!, source: 'stock' as never } }], inks).z1).toBe('#b0b0b0')
  })
  it('says whether it is kept', () => {
    expect(mapStanding(true, { version: 2, by: 'Ama' })).toMatch(/^Not saved/)
    expect(mapStanding(false, { version: 2, by: 'Ama' })).toBe('Map 2, saved by Ama')
    expect(mapStanding(false, null)).toBe('')
  })
})

describe('keys on the zone in hand', () => {
  it('move it by half a millimetre, by five with Shift, mirrored as the print shows it', () => {
    const left = (done: ReturnType<typeof key>) => done?.kind === 'move' && boundsOf(done.outline).left
    expect(left(key('ArrowLeft'))).toBe(49.5)
    expect(left(key('ArrowRight', {}, true))).toBe(55)
    expect(left(key('ArrowRight', { isPrintWay: true }))).toBe(49.5)
    const up = key('ArrowUp', { isPrintWay: true })
    expect(up?.kind === 'move' && boundsOf(up.outline).top).toBe(49.5)
  })
  it('move one corner when one is picked', () => {
    const moved = key('ArrowDown', { corner: 2 })
    expect(moved).toEqual({ kind: 'move', outline: [box[0], box[1], [90, 80.5], box[3]] })
  })
  it('pick corners round and round, either way', () => {
    expect(key('.')).toEqual({ kind: 'corner', at: 0 })
    expect(key('.', { corner: 3 })).toEqual({ kind: 'corner', at: 0 })
    expect(key(',')).toEqual({ kind: 'corner', at: 3 })
    expect(key(',', { corner: 2 })).toEqual({ kind: 'corner', at: 1 })
  })
  it('take it out, let it go, or are none of its own', () => {
    expect(key('Delete')).toEqual({ kind: 'remove' })
    expect(key('Escape')).toEqual({ kind: 'leave' })
    expect(key('a')).toBeNull()
    expect(choosing('z2')).toEqual({ chosen: 'z2', corner: null })
  })
})

describe('what is drawn', () => {
  it('is painted onto the zone in hand, or is one of its own as wide as the brush', () => {
    const alone = painted(
      null,
      [
        [20, 20],
        [60, 20],
      ],
      4,
      plate,
    )!
    const { left, right, top, bottom } = boundsOf(alone)
    expect([left, right, top, bottom].map(Math.round)).toEqual([16, 64, 16, 24])
    const joined = painted(
      zone,
      [
        [85, 60],
        [110, 60],
      ],
      4,
      plate,
    )!
    expect(outlineArea(joined)).toBeGreaterThan(outlineArea(box))
    expect(boundsOf(joined)).toMatchObject({ left: 50, top: 50 })
  })
  it('is painted by a brush within its bounds, and said when it is not', () => {
    expect([brushWithin(null), brushWithin(0), brushWithin(70), brushWithin(3)]).toEqual([4, 0.1, 50, 3])
    expect(brushProblem(3)).toBeUndefined()
    expect(brushProblem(null)).toBeUndefined()
    expect(brushProblem(70)).toBe('must be within 0.1 and 50')
  })
  it('is mended: untangled, cut to the plate, or nothing where nothing is left', () => {
    const over = { ...zone, outline: box.map(([x, y]): Point => [x + 130, y]) }
    expect(outlineArea(mended(over, plate)!)).toBeCloseTo(20 * 30, 6)
    const tangled = { ...zone, outline: [box[0], box[2], box[1], box[3]] }
    expect(outlineArea(mended(tangled, plate)!)).toBeGreaterThan(0)
    const off = { ...zone, outline: boxOutline(plate).map(([x, y]): Point => [x + 500, y]) }
    expect(mended(off, plate)).toBeNull()
  })
  it('says what the tool in hand does', () => {
    expect(toolWords('brush', zone, null)).toBe('Paints onto Zone 1.')
    expect(toolWords('brush', null, null)).toBe('Paints a new zone.')
    expect(toolWords('polygon', null, null)).toMatch(/corners one by one/)
    expect(toolWords('tone1', null, null)).toMatch(/^Click where/)
    expect(toolWords('choose', zone, 1)).toMatch(/corner 2 of 4/)
    expect(toolWords('choose', zone, null)).not.toMatch(/ of 4/)
  })
})
