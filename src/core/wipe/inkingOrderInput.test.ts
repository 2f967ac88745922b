import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { orderCost, pairCosts, whiteCost, whiteRisks, type PoupeeInk } from './inkingOrder'
import { inkingOrder, inkingOrderInput } from './inkingOrderInput'

const yellow = { name: 'Yellow', lightness: 85, cover: 0.2, strength: 0.3 }
const black = { name: 'Black', lightness: 20, cover: 0.95, strength: 1 }
const rose = { name: 'Rose', lightness: 60, cover: 0.4, strength: 0.6 }
const order = (input: object) => inkingOrder(inkingOrderInput.parse(input))
const refused = (input: object) =>
  inkingOrderInput.safeParse(input).error?.issues.map(({ path, message }) => `${path.join('.')}: ${message}`)

describe('the order of inks, by their names', () => {
  it('is light before dark, and a filler last', () => {
    const found = order({
      inks: [black, { ...rose, filler: true }, yellow],
      borders: [
        { a: 'Black', b: 'Yellow', lengthMm: 60 },
        { a: 'Rose', b: 'Black', lengthMm: 40, feathered: 1 },
      ],
    })
    expect(found.order).toEqual(['Yellow', 'Black', 'Rose'])
    expect(found.reasons.map(({ ink }) => ink)).toEqual(found.order)
    expect(found.riskMm).toBeGreaterThan(0)
  })
  it('puts the ink beside a white first, dark as it is, and says so', () => {
    const borders = [{ a: 'Black', b: 'Yellow', lengthMm: 60 }]
    expect(order({ inks: [yellow, black], borders }).order[0]).toBe('Yellow')
    const { order: found, reasons } = order({
      inks: [yellow, black],
      borders: [...borders, { a: 'Black', b: 'white', lengthMm: 60 }],
    })
    expect(found).toEqual(['Black', 'Yellow'])
    expect(reasons[0].text).toContain('beside a place kept white; dab it away from there, and clean')
  })
  it('is of least cost among all orders, whites and all (property)', () => {
    const share = fc.double({ min: 0, max: 1, noNaN: true })
    const inks = fc.array(
      fc.record({
        lightness: fc.integer({ min: 5, max: 95 }),
        cover: share,
        strength: share,
        filler: fc.boolean(),
      }),
      { minLength: 1, maxLength: 5 },
    )
    fc.assert(
      fc.property(
        inks,
        fc.array(fc.tuple(fc.nat(4), fc.nat(5), fc.integer({ min: 1, max: 90 })), { maxLength: 8 }),
        (list, pairs) => {
          const named = list.map((one, i) => ({ ...one, name: `ink ${i}` }))
          const known: PoupeeInk[] = named.map(({ filler: isFiller, ...one }) => ({ ...one, isFiller }))
          const all = pairs
            .map(([a, b, lengthMm]) => ({ a: a % list.length, b, lengthMm }))
            .filter(({ a, b }) => a !== b && (b < list.length || b === 5))
          const whites = all
            .filter(({ b }) => b === 5)
            .map(({ a, lengthMm }) => ({ ink: a, lengthMm, feathered: 0 }))
          const borders = all.filter(({ b }) => b < list.length).map((one) => ({ ...one, feathered: 0 }))
          const found = order({
            inks: named,
            borders: all.map(({ a, b, lengthMm }) => ({
              a: `ink ${a}`,
              b: b === 5 ? 'white' : `ink ${b}`,
              lengthMm,
            })),
          })
          const costs = pairCosts(known, borders, whites)
          const every = (rest: number[]): number[][] =>
            rest.length === 0
              ? [[]]
              : rest.flatMap((one) =>
                  every(rest.filter((other) => other !== one)).map((tail) => [one, ...tail]),
                )
          const least = Math.min(...every(known.map((_, i) => i)).map((one) => orderCost(one, costs)))
          expect(found.riskMm).toBeCloseTo(least + whiteCost(known, whites), 6)
        },
      ),
      { numRuns: 60 },
    )
  })
  it('a filler beside a white stays last, and its white is cleaned last', () => {
    const { order: found, reasons } = order({
      inks: [{ ...rose, filler: true }, black],
      borders: [{ a: 'Rose', b: 'white', lengthMm: 10 }],
    })
    expect(found).toEqual(['Black', 'Rose'])
    expect(reasons[1].text).toContain('clean that last')
  })
  it('a white costs something whatever the order, more beside a dark ink than a light one', () => {
    const white = [{ ink: 0, lengthMm: 100, feathered: 0 }]
    const cost = (ink: typeof black) => whiteCost([{ ...ink, isFiller: false }], white)
    // Black: all of a slip shows on white, and 0.1 + 0.3 of it stays where it was wiped off: 0.9 · 0.4 · 100 mm.
    expect(cost(black)).toBeCloseTo(36, 9)
    expect(cost(yellow)).toBeLessThan(cost(black) / 5)
  })
  it('a white’s risk is what its order adds to the cost, and least where its ink is first', () => {
    const inks = [black, yellow, rose].map((ink) => ({ ...ink, isFiller: false }))
    const whites = [{ ink: 0, lengthMm: 50, feathered: 0.5 }]
    for (const order of [
      [0, 1, 2],
      [1, 0, 2],
      [1, 2, 0],
    ]) {
      const [{ cost, ifFirst, ink }] = whiteRisks(order, inks, whites)
      expect(ink).toBe(0)
      expect(cost).toBeCloseTo(orderCost(order, pairCosts(inks, [], whites)) + whiteCost(inks, whites), 9)
      expect(cost).toBeGreaterThanOrEqual(ifFirst)
    }
    expect(whiteRisks([0, 1, 2], inks, whites)[0]).toMatchObject({ cost: whiteCost(inks, whites) })
  })
  it('names what cannot be', () => {
    expect(refused({ inks: [], borders: [] })).toEqual(['inks: expected at least one ink'])
    expect(refused({ inks: [black, black], borders: [] })).toEqual(['inks.1.name: is there already'])
    expect(refused({ inks: [black], borders: [{ a: 'Black', b: 'Blue', lengthMm: 1 }] })).toEqual([
      'borders.0.b: no ink is called Blue',
    ])
    expect(refused({ inks: [black], borders: [{ a: 'white', b: 'Black', lengthMm: 1 }] })).toEqual([
      'borders.0.a: no ink is called white',
    ])
    expect(refused({ inks: [{ ...black, cover: 95 }], borders: [] })).toEqual([
      'inks.0.cover: must be within 0 and 1',
    ])
  })
})
