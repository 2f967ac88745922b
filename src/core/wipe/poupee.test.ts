import { describe, expect, it } from 'vitest'
import type { Point } from '../geometry/point'
import type { Zone } from '../plate/zoneMap'
import { gatherInks, inkingFrom, pullAway } from './poupee'

const plate = { widthMm: 100, heightMm: 80 }
const box = (x: number, y: number, w: number, h: number): Point[] => [
  [x, y],
  [x + w, y],
  [x + w, y + h],
  [x, y + h],
]
const zone = (name: string, ink: string | null, outline: Point[], more: Partial<Zone> = {}): Zone => ({
  id: name,
  name,
  outline,
  ink: ink ? { source: 'ink', id: ink, name: ink } : null,
  isWhite: ink === null,
  tone: 'light',
  border: 'hard',
  isFiller: false,
  ...more,
})
const look = () => ({ lightness: 40, cover: 0.3, strength: 0.6 })

describe('what a zone map says of its inks', () => {
  const zones = [
    zone('sky', 'blue', box(0, 0, 100, 40), { border: 'feathered' }),
    zone('sea', 'green', box(0, 40, 50, 40)),
    zone('bank', 'green', box(50, 40, 50, 40)),
    zone('sail', 'red', box(10, 20, 1, 1)),
    zone('foam', null, box(20, 50, 5, 5)),
    zone('hull', null, box(60, 60, 10, 5), { isWhite: false }),
  ]
  const { inks, borders, whiteBorders, whites, bare } = gatherInks(zones, plate, look)
  it('zones of one ink belong together', () => {
    expect(inks.map(({ name, zones: names }) => [name, names])).toEqual([
      ['blue', ['sky']],
      ['green', ['sea', 'bank']],
      ['red', ['sail']],
    ])
    expect(inks[1].areaCm2).toBeCloseTo(40 - 0.25 - 0.5, 6)
  })
  it('borders add up over zones; what one ink shares with itself is none', () => {
    const blueGreen = borders.find(({ a, b }) => a === 0 && b === 1)!
    expect(Math.abs(blueGreen.lengthMm - 100)).toBeLessThan(5)
    expect(blueGreen.feathered).toBe(1)
    expect(borders.some(({ a, b }) => a === b)).toBe(false)
  })
  it('a border with a white is the ink’s own, with the place that is kept', () => {
    expect(whiteBorders.length).toBeGreaterThan(0)
    for (const { ink, zones: kept, lengthMm } of whiteBorders) {
      expect(inks[ink]).toBeDefined()
      expect(kept).toEqual(['foam'])
      expect(lengthMm).toBeGreaterThan(0)
    }
  })
  it('whites are cleaned last, and what has no ink is said', () =>
    expect([whites, bare]).toEqual([['foam'], ['hull']]))
  it('an ink is a filler only when all its zones are', () => {
    const filler = (first: boolean, second: boolean) =>
      gatherInks(
        [
          zone('a', 'x', box(0, 0, 9, 9), { isFiller: first }),
          zone('b', 'x', box(30, 0, 9, 9), { isFiller: second }),
        ],
        plate,
        look,
      ).inks[0].isFiller
    expect([filler(true, true), filler(true, false), filler(false, true)]).toEqual([true, false, false])
  })
  it('an ink nobody knows is taken as middling', () =>
    expect(gatherInks(zones, plate, () => null).inks[0]).toMatchObject({
      lightness: 50,
      cover: 0.5,
      strength: 0.5,
    }))
  it('becomes the inking: tiny zones by fingertip, the larger the longer', () => {
    const steps = inkingFrom([2, 0, 1], { inks, borders, whiteBorders }, ({ name }) => `mix of ${name}`)
    expect(steps.map(({ ink, tool }) => [ink, tool])).toEqual([
      ['red', 'fingertip'],
      ['blue', 'dolly'],
      ['green', 'dolly'],
    ])
    expect(steps[1].seconds).toBeGreaterThan(steps[0].seconds)
    expect(steps.map(({ mixId }) => mixId)).toEqual(['mix of red', 'mix of blue', 'mix of green'])
    // Green lies beside the foam that stays white; the sail is too small for a rag.
    expect(steps.map(({ cycle }) => cycle.map(({ does }) => does))).toEqual([
      ['bud', 'clean'],
      ['rag', 'hand', 'clean'],
      ['rag', 'hand', 'clean', 'tap'],
    ])
    const [only] = inkingFrom([0], { inks: inks.slice(0, 1), borders: [], whiteBorders: [] })
    expect(only.cycle).toEqual([])
  })
})

describe('which way the hand pulls', () => {
  it('away from the neighbours', () => {
    expect(pullAway([10, 10], [50, 12])).toBe('toward the left edge')
    expect(pullAway([10, 60], [12, 10])).toBe('toward the lower edge')
    expect(pullAway([10, 10], [10.2, 10.1])).toBe('from the border inward')
  })
})
