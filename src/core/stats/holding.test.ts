import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { handEffects, handEffectsInput } from './handEffects'
import { mannKendall } from './mannKendall'
import { normals } from './random'

describe('a trend in eye readings', () => {
  it('of a series without ties has S and variance as worked by hand', () => {
    // 1 3 2 4 5: nine pairs rise and one falls, S = 8; Var = 5·4·15/18 = 16.667, z = 7/4.0825 = 1.7146.
    const trend = mannKendall([1, 3, 2, 4, 5])!
    expect(trend.s).toBe(8)
    expect(trend.z).toBeCloseTo(7 / Math.sqrt(300 / 18), 9)
    // Two-sided tail of 1.7146 in printed tables of the normal distribution: 0.0864.
    expect(trend.p).toBeCloseTo(0.0864, 3)
  })
  it('is corrected for ties', () => {
    // 0 0 0 1 1 1: S = 9; Var = (6·5·17 − 2·3·2·11)/18 = 21.
    const trend = mannKendall([0, 0, 0, 1, 1, 1])!
    expect(trend.s).toBe(9)
    expect(trend.z).toBeCloseTo(8 / Math.sqrt(21), 9)
  })
  it('turns with the series, and only order counts (property)', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(-1, 0, 1), { minLength: 4, maxLength: 30 }), (values) => {
        const [there, back, stretched] = [
          values,
          [...values].reverse(),
          values.map((value) => value ** 3 * 10 + value),
        ].map(mannKendall)
        if (!there) return
        expect(back!.s + there.s).toBe(0)
        expect(stretched!.z).toBeCloseTo(there.z, 12)
      }),
    )
  })
  it('cannot be told from three values, or from values all alike', () =>
    expect([mannKendall([1, 2, 3]), mannKendall([0, 0, 0, 0, 0])]).toEqual([null, null]))
})

describe('differences between hands', () => {
  const of = (hand: string, ...values: number[]) => values.map((value) => ({ hand, value }))
  it('agree with the two-sample t interval of a textbook', () => {
    // Worked by hand: Ida 1, 2, 3 and Tam 4, 6, 8: s² = (2 + 8)/4 = 2.5; difference of the means 4,
    // its half from the mean of the two 2; t(0.975, 4) = 2.776 (printed tables): ± 2.776·√(2.5·(1/3 + 1/3))/2 = 1.7919.
    const { hands } = handEffects({ prints: [...of('Ida', 1, 2, 3), ...of('Tam', 4, 6, 8)] })
    expect(hands[1]).toMatchObject({ hand: 'Tam', count: 3, difference: 2 })
    expect(hands[1].high - 2).toBeCloseTo(1.7919, 3)
  })
  it('cover the true difference in 92 to 98 % of 2000 simulated runs, wear and all, and are never ± 0', () => {
    const next = normals(23)
    const designs = [
      { truth: [0, 0], prints: [6, 6], wear: 0, turns: true },
      { truth: [0, 0.02], prints: [6, 5], wear: 0.003, turns: false },
      { truth: [0, 0.05, -0.03], prints: [4, 8, 3], wear: 0.003, turns: true },
      { truth: [0, 0.1], prints: [3, 12], wear: 0.006, turns: true },
    ]
    for (const { truth, prints, wear, turns } of designs) {
      let [covered, told, least] = [0, 0, Infinity]
      const middle = truth.reduce((sum, one) => sum + one, 0) / truth.length
      for (let run = 0; run < 2000; run++) {
        const order = truth.flatMap((_, hand) => Array.from({ length: prints[hand] }, () => hand))
        if (turns) order.sort((a, b) => Math.sin(a * 9 + told) - Math.sin(b * 9 + told + 1))
        const { hands } = handEffects({
          prints: order.map((hand, i) => ({
            hand: String(hand),
            pull: i + 1,
            value: Math.round((1.4 + truth[hand] - wear * i + 0.02 * next()) * 100) / 100,
          })),
        })
        for (const { hand, low, high } of hands) {
          told += 1
          least = Math.min(least, high - low)
          if (low <= truth[Number(hand)] - middle && truth[Number(hand)] - middle <= high) covered += 1
        }
      }
      expect(covered / told).toBeGreaterThan(0.92)
      expect(covered / told).toBeLessThan(0.98)
      expect(least).toBeGreaterThan(0)
    }
  })
  it('that followed one another are not sold as hands: an even fall is wear', () => {
    const fall = Array.from({ length: 12 }, (_, i) => ({
      hand: i < 6 ? 'Ida' : 'Tam',
      pull: i + 1,
      value: 1.5 - 0.01 * i + (i % 2 ? 0.004 : -0.004),
    }))
    for (const { low, high } of handEffects({ prints: fall }).hands) expect(low * high).toBeLessThan(0)
    // Without the order the same prints do differ.
    const { hands } = handEffects({ prints: fall.map(({ hand, value }) => ({ hand, value })) })
    expect(hands.every(({ low, high }) => low * high > 0)).toBe(true)
  })
  it('add up to nought (property)', () => {
    const prints = fc.array(
      fc.record({ hand: fc.constantFrom('a', 'b', 'c'), value: fc.double({ min: 0, max: 3, noNaN: true }) }),
      { maxLength: 40 },
    )
    fc.assert(
      fc.property(prints, (list) => {
        const { hands } = handEffects({ prints: list })
        expect(hands.reduce((sum, { difference }) => sum + difference, 0)).toBeCloseTo(0, 9)
        for (const { low, difference, high } of hands)
          expect(low <= difference && difference <= high).toBe(true)
      }),
    )
  })
  it('need two hands of two prints each, and the order of all prints or of none', () => {
    expect(handEffects({ prints: [...of('Ida', 1, 2, 3), ...of('Tam', 1)] })).toEqual({ hands: [] })
    const half = handEffectsInput.safeParse({
      prints: [
        { hand: 'Ida', value: 1, pull: 3 },
        { hand: 'Tam', value: 1 },
      ],
    })
    expect(half.error!.issues[0].message).toContain('of none')
  })
})
