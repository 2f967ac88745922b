import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import {
  orderCost,
  orderRisks,
  pairCosts,
  proposeOrder,
  whyThere,
  type InkBorder,
  type PoupeeInk,
} from './inkingOrder'

const ink = (
  name: string,
  lightness: number,
  cover: number,
  strength: number,
  isFiller = false,
): PoupeeInk => ({ name, lightness, cover, strength, isFiller })
const yellow = ink('Yellow', 85, 0.2, 0.3)
const black = ink('Black', 20, 0.95, 1)
const brown = ink('Brown', 45, 0.6, 0.7)
const between = (a: number, b: number, lengthMm = 50, feathered = 0): InkBorder => ({
  a,
  b,
  lengthMm,
  feathered,
})

/** Every order there is. */
function permutations(n: number): number[][] {
  if (n === 0) return [[]]
  return permutations(n - 1).flatMap((shorter) =>
    Array.from({ length: n }, (_, at) => [...shorter.slice(0, at), n - 1, ...shorter.slice(at)]),
  )
}

describe('the inking order', () => {
  it('light before dark, where the darker covers a slip (common practice, no source)', () => {
    expect(proposeOrder([black, yellow], [between(0, 1)]).order).toEqual([1, 0])
    expect(whyThere(0, [1, 0], [black, yellow], [between(0, 1)])).toBe(
      'early: Black is darker and covers its slips',
    )
  })
  it('a filler comes last', () => {
    const inks = [ink('Grey filler', 70, 0.3, 0.2, true), black, brown]
    const { order } = proposeOrder(inks, [between(0, 1), between(0, 2)])
    expect(order.at(-1)).toBe(0)
    expect(whyThere(2, order, inks, [])).toContain('filler')
  })
  it('is the best of all permutations of up to 7 inks, for the cost as stated (brute force)', () => {
    const inks = fc.array(
      fc.record({
        name: fc.constant('x'),
        lightness: fc.integer({ min: 10, max: 95 }),
        cover: fc.double({ min: 0, max: 1, noNaN: true }),
        strength: fc.double({ min: 0, max: 1, noNaN: true }),
        isFiller: fc.boolean(),
      }),
      { minLength: 1, maxLength: 7 },
    )
    fc.assert(
      fc.property(inks, fc.infiniteStream(fc.double({ min: 0, max: 120, noNaN: true })), (list, lengths) => {
        const borders = list.flatMap((_, a) =>
          list
            .slice(a + 1)
            .map((__, n) => between(a, a + 1 + n, lengths.next().value, lengths.next().value / 120)),
        )
        const costs = pairCosts(list, borders)
        const { order, cost } = proposeOrder(list, borders)
        expect([...order].sort()).toEqual(list.map((_, i) => i))
        expect(orderCost(order, costs)).toBeCloseTo(cost, 9)
        expect(cost).toBeCloseTo(
          Math.min(...permutations(list.length).map((one) => orderCost(one, costs))),
          9,
        )
      }),
      { numRuns: 25 },
    )
  })
  it('twelve inks are reckoned exactly in well under a second; thirteen are refused', () => {
    const many = Array.from({ length: 12 }, (_, i) => ink(`Ink ${i}`, 20 + 5 * i, 0.5, 0.5))
    const borders = many.flatMap((_, a) =>
      many.slice(a + 1).map((__, n) => between(a, a + 1 + n, 10 + ((a * 7 + n * 3) % 11))),
    )
    const { order, cost } = proposeOrder(many, borders)
    // No exchange of neighbours makes it cheaper.
    const costs = pairCosts(many, borders)
    for (let i = 0; i + 1 < 12; i++) {
      const other = [...order]
      ;[other[i], other[i + 1]] = [other[i + 1], other[i]]
      expect(orderCost(other, costs)).toBeGreaterThanOrEqual(cost - 1e-9)
    }
    expect(() => proposeOrder([...many, ink('more', 50, 0.5, 0.5)], [])).toThrow(RangeError)
  })
  it('with nothing to choose keeps the list’s order', () =>
    expect(proposeOrder([brown, black, yellow], []).order).toEqual([0, 1, 2]))
})

describe('risks', () => {
  it('stand pair by pair, the worst first, with the other way round', () => {
    const inks = [yellow, black, brown]
    const borders = [between(0, 1, 80), between(0, 2, 10)]
    const risks = orderRisks([0, 1, 2], inks, borders)
    expect(risks.map(({ first, second }) => [first, second])).toEqual([
      [0, 1],
      [0, 2],
    ])
    expect(risks[0].why).toBe('Black slips into finished Yellow')
    expect(risks[0].otherWay).toBeGreaterThan(risks[0].cost)
  })
  it('a feathered border forgives seven tenths', () => {
    const [[, hard]] = pairCosts([yellow, black], [between(0, 1, 50, 0)])
    const [[, soft]] = pairCosts([yellow, black], [between(0, 1, 50, 1)])
    expect(soft / hard).toBeCloseTo(0.3, 9)
  })
  it('add up to the order’s cost where there are no fillers (property)', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray([0, 1, 2], { minLength: 3 }), (order) => {
        const inks = [yellow, black, brown]
        const borders = [between(0, 1, 80), between(0, 2, 10, 0.5), between(1, 2, 33)]
        expect(orderRisks(order, inks, borders).reduce((sum, { cost }) => sum + cost, 0)).toBeCloseTo(
          orderCost(order, pairCosts(inks, borders)),
          9,
        )
      }),
    )
  })
  it('an ink that meets no other goes whenever it suits', () =>
    expect(whyThere(0, [0, 1], [yellow, black], [])).toContain('whenever'))
  it('why an ink stands where it does goes by what it meets, and what comes after it', () => {
    const inks = [black, yellow, brown]
    const alone = [between(0, 1)]
    // Black first: yellow is lighter and covers nothing of it.
    expect(whyThere(0, [0, 1, 2], inks, alone)).toBe('early: any overlap still wipes off')
    expect(whyThere(1, [0, 1, 2], inks, alone)).toBe(
      'late: it covers what slipped before, and is dabbed with care',
    )
    expect(whyThere(2, [0, 1, 2], inks, alone)).toBe('meets no other ink: whenever it suits')
    expect(whyThere(0, [1, 0, 2], inks, [...alone, between(2, 1)])).toBe(
      'early: Black, Brown are darker and cover its slips',
    )
  })
  it('what goes wrong is said by its larger part, the worst border first whatever their order', () => {
    const inks = [black, yellow, brown]
    const risks = orderRisks([0, 2, 1], inks, [between(2, 1, 5), between(1, 0, 80), between(0, 2, 20)])
    expect(risks.map(({ first, second, lengthMm }) => [first, second, lengthMm])).toEqual([
      [0, 1, 80],
      [0, 2, 20],
      [2, 1, 5],
    ])
    expect(risks.map(({ why }) => why)).toEqual([
      'a slip of Black shows through Yellow',
      'a slip of Black shows through Brown',
      'a slip of Brown shows through Yellow',
    ])
  })
})

describe('the cost of a border, worked by hand from the formula', () => {
  const white = ink('White', 100, 0.5, 0)
  const soot = ink('Soot', 0, 1, 0)
  const [even, paler] = [ink('Even', 50, 0.5, 0.5), ink('Paler cover', 50, 0.4, 0.5)]
  it.each([
    // shows 0.15, stain 0.19, hidden 0.95: 0.07125; beside 0.35, shows 0.75, spoil 0.8: 10.5
    ['yellow before black', yellow, black, 10.57125],
    // shows 0.75, stain 0.4, hidden 0.2: 12; beside 0.35, shows 0.15, spoil 0.45: 1.18125
    ['black before yellow', black, yellow, 13.18125],
    // shows 0.1, stain 0.19, hidden 0.9 (the darker covers nine tenths at least): 0.095; 0.35 · 0.5 · 0.65 · 50: 5.6875
    ['yellow before brown', yellow, brown, 5.7825],
    // shows at most 1, stain 0.1, hidden 0.5: 2.5; beside 0.35, shows 1 · 0.5, spoil 0.3: 2.625
    ['soot before white', soot, white, 5.125],
    // equally light: shows 0.1 both ways, hidden by the cover alone, 0.4: 0.75; 0.35 · 0.1 · 0.55 · 50: 0.9625
    ['one before another as light', even, paler, 1.7125],
  ])('%s', (_, first, second, cost) => {
    expect(pairCosts([first, second], [between(0, 1)])[0][1]).toBeCloseTo(cost, 9)
  })
  it('of equally cheap orders the one of the list is taken, wherever the tie is', () => {
    const inks = [yellow, black, brown, even]
    expect(proposeOrder(inks, [between(0, 1)]).order).toEqual([0, 1, 2, 3])
    expect(proposeOrder([black, yellow, brown, even], [between(0, 1)]).order).toEqual([1, 0, 2, 3])
  })
})
