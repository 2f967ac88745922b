import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { normals } from '../stats/random'
import { plateLifeInput, pullsLeft, type PlateReading } from './leftOnPlate'

const zinc = { usualLow: 150, usualHigh: 400 }
const read = (
  values: readonly number[],
  hand: (i: number) => string = () => 'Ida',
  from = 1,
): PlateReading[] => values.map((value, i) => ({ pull: from + i, value, hand: hand(i), rejected: false }))

describe('pulls left on a plate', () => {
  it('without readings are the usual life less the pulls, or what its maker says less them, never below 0', () => {
    expect(pullsLeft({ ...zinc, pulls: 14 })).toEqual({ low: 136, high: 386, isByReadings: false })
    expect(pullsLeft({ ...zinc, pulls: 200 })).toMatchObject({ low: 0, high: 200 })
    expect(pullsLeft({ ...zinc, pulls: 3, stated: 10 })).toMatchObject({ low: 7, high: 7 })
  })
  it('do not shrink because another hand wipes lighter: a zinc plate after 14 pulls, six by one and five by another', () => {
    const next = normals(3)
    const readings = read(
      Array.from({ length: 11 }, (_, i) => 1.4 - (i < 6 ? 0 : 0.05) + 0.01 * next()),
      (i) => (i < 6 ? 'Ida' : 'Tam'),
      4,
    )
    const told = pullsLeft({ ...zinc, pulls: 14, readings, floor: 1.25 })
    expect(told.low).toBeGreaterThan(80)
    expect(told.high).toBeGreaterThan(300)
    // The same fall by one hand is a fall of the plate.
    const byOne = pullsLeft({
      ...zinc,
      pulls: 14,
      readings: readings.map((one) => ({ ...one, hand: 'Ida' })),
      floor: 1.25,
    })
    expect(byOne.low).toBeLessThan(40)
  })
  it('of readings that do not fall stay near what is usual: data move it slowly', () => {
    const next = normals(4)
    const level = read(Array.from({ length: 11 }, () => 1.4 + 0.01 * next()))
    const told = pullsLeft({ ...zinc, pulls: 11, readings: level, floor: 1.25 })
    expect(told.low).toBeGreaterThan(139)
    expect(told.high).toBeGreaterThan(389)
    expect(told.high).toBeLessThan(600)
  })
  it('are not moved by what was thrown out, nor by fewer than four readings', () => {
    const thrownOut = read([1.4, 1.3, 1.2, 1.1, 1.0]).map((one) => ({ ...one, rejected: true }))
    expect(pullsLeft({ ...zinc, pulls: 5, readings: thrownOut, floor: 1.25 }).isByReadings).toBe(false)
    expect(pullsLeft({ ...zinc, pulls: 3, readings: read([1.4, 1.3, 1.2]), floor: 1.25 })).toMatchObject({
      low: 147,
      high: 397,
    })
  })
  it('come to where a plain even fall crosses, whatever is usual', () => {
    // 1.5 less 0.01 a pull is at 1.2 after 30 pulls: 10 are left of a plate whose kind stands 150.
    const next = normals(5)
    const readings = read(Array.from({ length: 20 }, (_, i) => 1.5 - 0.01 * (i + 1) + 0.002 * next()))
    const told = pullsLeft({ ...zinc, pulls: 20, readings, floor: 1.2 })
    expect(told.low).toBeGreaterThan(8)
    expect(told.low).toBeLessThan(10)
    expect(told.high).toBeGreaterThan(10)
    expect(told.high).toBeLessThan(12)
  })
  it('are none of a plate whose prints all lie below the floor', () =>
    expect(pullsLeft({ ...zinc, pulls: 5, readings: read([1, 0.98, 0.95, 0.93]), floor: 1.2 })).toMatchObject(
      {
        low: 0,
        high: 0,
      },
    ))
  it('are never below 0, and in order; one pull more with no reading leaves one less at either end (property)', () => {
    const plate = fc.record({
      low: fc.integer({ min: 3, max: 300 }),
      times: fc.double({ min: 1, max: 5, noNaN: true }),
      pulls: fc.integer({ min: 0, max: 60 }),
      values: fc.array(fc.double({ min: 0.5, max: 2, noNaN: true }), { maxLength: 14 }),
      hands: fc.integer({ min: 1, max: 3 }),
    })
    fc.assert(
      fc.property(plate, ({ low, times, pulls, values, hands }) => {
        const input = {
          usualLow: low,
          usualHigh: low * times,
          pulls: pulls + values.length,
          readings: read(values, (i) => `hand ${i % hands}`),
          floor: 1,
        }
        const told = pullsLeft(input)
        expect(told.low).toBeGreaterThanOrEqual(0)
        expect(told.high).toBeGreaterThanOrEqual(told.low)
        const one = pullsLeft({ ...input, pulls: input.pulls + 1 })
        expect(one.low).toBeCloseTo(Math.max(0, told.low - 1), 9)
        expect(one.high).toBeCloseTo(Math.max(0, told.high - 1), 9)
      }),
      { numRuns: 60 },
    )
  })
  it('wants a floor with readings, and a usual life the right way round', () => {
    const paths = (input: object) => plateLifeInput.safeParse(input).error!.issues.map(({ path }) => path[0])
    expect(paths({ ...zinc, pulls: 5, readings: read([1]) })).toEqual(['floor'])
    expect(paths({ usualLow: 9, usualHigh: 3, pulls: 5 })).toEqual(['usualHigh'])
  })
})
