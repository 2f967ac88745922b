import { describe, expect, it } from 'vitest'
import { normals } from './random'
import { fitTrendAndHands, nextReading, stepOf } from './trendAndHands'

describe('a trend with a constant for each hand', () => {
  it('agrees with an analysis of covariance worked by hand', () => {
    // Ida 10, 9, 8.2 at pulls 1, 2, 3; Tam 6.1, 5, 3.9 at 4, 5, 6. Within: Sxx 2 + 2, Sxy −1.8 − 2.2, Syy 1.62667 + 2.42:
    // slope −1; left over 4.04667 − 4 = 0.04667 in 3 degrees; levels 9.06667 − 1.5 and 5 + 1.5 at the mean pull 3.5.
    const fit = fitTrendAndHands(
      [10, 9, 8.2, 6.1, 5, 3.9].map((value, i) => ({ pull: i + 1, hand: i < 3 ? 'Ida' : 'Tam', value })),
    )!
    expect(fit).toMatchObject({ centre: 3.5, within: 4, degrees: 3 })
    expect(fit.slope).toBeCloseTo(-1, 9)
    expect(fit.variance).toBeCloseTo(0.0466667 / 3, 6)
    expect(fit.hands.map(({ level }) => level)).toEqual([expect.closeTo(7.56667, 4), expect.closeTo(6.5, 9)])
  })
  it('of readings without scatter has that of their rounding', () => {
    const fit = fitTrendAndHands([1.4, 1.41, 1.42, 1.43].map((value, pull) => ({ pull, hand: '', value })))!
    expect(fit.variance).toBeCloseTo(0.01 ** 2 / 12, 12)
    expect([stepOf([3, 14]), stepOf([1.5]), stepOf([1.25, 3]), stepOf([Math.PI])]).toEqual([
      1, 0.1, 0.01, 1e-6,
    ])
  })
  it('cannot be told with nothing left over', () => {
    expect(fitTrendAndHands([])).toBeNull()
    expect(fitTrendAndHands([{ pull: 1, hand: '', value: 3 }])).toBeNull()
    expect(fitTrendAndHands([1, 2].map((value) => ({ pull: value, hand: '', value })))).toBeNull()
  })
})

describe('the next reading', () => {
  it('lies in its 90 % interval nine times in ten, on 2000 simulated plates with two hands', () => {
    const next = normals(17)
    let within = 0
    for (let plate = 0; plate < 2000; plate++) {
      const value = (pull: number) => 1.5 - 0.004 * pull + (pull % 2 ? 0.03 : 0) + 0.02 * next()
      const readings = Array.from({ length: 10 }, (_, i) => ({
        pull: i + 1,
        hand: i % 2 ? 'Tam' : 'Ida',
        value: value(i + 1),
      }))
      const { low, high } = nextReading(fitTrendAndHands(readings)!, 'Ida', 11)
      const came = value(11)
      if (low <= came && came <= high) within += 1
    }
    expect(within / 2000).toBeGreaterThan(0.88)
    expect(within / 2000).toBeLessThan(0.92)
  })
  it('of a hand that was not there yet is told from the mean of the hands', () => {
    const fit = fitTrendAndHands(
      [1.4, 1.5, 1.42, 1.52].map((value, i) => ({ pull: i, hand: i % 2 ? 'Tam' : 'Ida', value })),
    )!
    const { low, high } = nextReading(fit, 'Ama', fit.centre)
    expect((low + high) / 2).toBeCloseTo(1.46, 9)
  })
})
