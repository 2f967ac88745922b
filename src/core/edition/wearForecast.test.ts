import { normals } from '../stats/random'
import { describe, expect, it } from 'vitest'
import { forecastWear, wearForecastInput } from './wearForecast'

const line = (pulls: number[], at: (pull: number) => number) =>
  pulls.map((pull) => ({ pull, value: at(pull) }))

describe('wear forecast', () => {
  it('of a line without scatter is its crossing, exactly', () => {
    const { pullAtFloor, low, high } = forecastWear({
      observations: line([1, 2, 3, 4, 5], (pull) => 1.5 - 0.02 * pull),
      floor: 1.2,
    })
    expect(pullAtFloor).toBeCloseTo(15, 9)
    expect(low).toBeCloseTo(15, 6)
    expect(high).toBeCloseTo(15, 6)
  })
  it('agrees with Fieller’s interval worked by hand', () => {
    // x 1…4, y 10, 9, 7, 6 and floor 0: slope −1.4, ȳ 8, Sxx 5, Σr² 0.2, s² 0.1, t²(0.95, 2) 8.526, t²s² 0.8526
    // (1.96 − 0.17052)u² − 22.4u + (64 − 0.21315) = 0: u = (22.4 ± √(501.76 − 456.63))/3.57896 = 4.3819, 8.1359
    const { pullAtFloor, low, high } = forecastWear({
      observations: [10, 9, 7, 6].map((value, i) => ({ pull: i + 1, value })),
      floor: 0,
    })
    expect(pullAtFloor).toBeCloseTo(2.5 + 8 / 1.4, 9)
    expect(low).toBeCloseTo(2.5 + 4.3819, 2)
    expect(high).toBeCloseTo(2.5 + 8.1359, 2)
  })
  it('covers the noise-free crossing in 85 to 95 % of plates of its family', () => {
    const next = normals(11)
    let covered = 0
    const plates = 400
    for (let plate = 0; plate < plates; plate++) {
      const slope = 0.004 + 0.01 * Math.abs(next())
      const truth = 0.3 / slope
      const { low, high } = forecastWear({
        observations: line(
          Array.from({ length: 14 }, (_, i) => i + 1),
          (pull) => 1.5 - slope * pull + 0.01 * next(),
        ),
        floor: 1.2,
      })
      if (low !== null && low <= truth && (high === null || truth <= high)) covered += 1
    }
    expect(covered / plates).toBeGreaterThan(0.85)
    expect(covered / plates).toBeLessThan(0.95)
  })
  it('of readings that only scatter is given in 1 series of 40', () => {
    const next = normals(29)
    let given = 0
    for (let series = 0; series < 2000; series++) {
      const { pullAtFloor } = forecastWear({
        observations: line(
          Array.from({ length: 10 }, (_, i) => i + 1),
          () => 1.4 + 0.01 * next(),
        ),
        floor: 1.3,
      })
      if (pullAtFloor !== null) given += 1
    }
    expect(given / 2000).toBeGreaterThan(0.015)
    expect(given / 2000).toBeLessThan(0.035)
  })
  it.each([
    ['too few', [1, 0.9, 0.8], 'needs at least 4'],
    ['rising', [1, 1.1, 1.2, 1.3], 'do not fall'],
    ['level', [1, 1, 1, 1], 'do not fall'],
    ['a fall that may be chance', [1.02, 0.97, 1.0, 0.93, 0.98, 0.94], 'cannot be told'],
    ['all scatter', [1, 0.5, 1.02, 0.5, 1, 0.49], 'cannot be told'],
  ])('%s gives no forecast and says why', (_, values, words) => {
    const forecast = forecastWear({
      observations: values.map((value, i) => ({ pull: i + 1, value })),
      floor: 0.7,
    })
    expect(forecast).toMatchObject({ pullAtFloor: null, low: null, high: null })
    expect(forecast.reason).toContain(words)
  })
  it('of one pull read again and again says so', () =>
    expect(
      forecastWear({ observations: Array.from({ length: 5 }, (_, i) => ({ pull: 3, value: i })), floor: 0 })
        .reason,
    ).toContain('one pull'))
  it('refuses numbers that are none', () =>
    expect(
      wearForecastInput.safeParse({ observations: [{ pull: 1, value: Number.NaN }], floor: 0 }).error!
        .issues[0].path,
    ).toEqual(['observations', 0, 'value']))
})
