import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { handEffects } from './handEffects'
import { mannKendall } from './mannKendall'

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
  it('of two hands that differ plainly stand nearly whole; those within the scatter vanish', () => {
    const plain = handEffects([...of('Ida', 1.4, 1.41, 1.39, 1.4), ...of('Tam', 1.5, 1.51, 1.49, 1.5)])
    expect(plain.map(({ hand, raw }) => [hand, Number(raw.toFixed(3))])).toEqual([
      ['Ida', -0.05],
      ['Tam', 0.05],
    ])
    expect(plain[1].pooled).toBeGreaterThan(0.045)
    expect(
      handEffects([...of('Ida', 1.4, 1.5, 1.3, 1.45), ...of('Tam', 1.42, 1.38, 1.5, 1.36)]).every(
        ({ pooled }) => pooled === 0,
      ),
    ).toBe(true)
  })
  it('are never drawn past the mean of all nor away from it (property)', () => {
    const prints = fc.array(
      fc.record({ hand: fc.constantFrom('a', 'b', 'c'), value: fc.double({ min: 0, max: 3, noNaN: true }) }),
      { maxLength: 40 },
    )
    fc.assert(
      fc.property(prints, (list) => {
        for (const { raw, pooled } of handEffects(list)) {
          expect(Math.abs(pooled)).toBeLessThanOrEqual(Math.abs(raw) + 1e-12)
          expect(raw * pooled).toBeGreaterThanOrEqual(0)
        }
      }),
    )
  })
  it('need two hands of two prints each', () =>
    expect(handEffects([...of('Ida', 1, 2, 3), ...of('Tam', 1)])).toEqual([]))
})
