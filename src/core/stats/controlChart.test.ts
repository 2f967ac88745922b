import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { controlChart, controlChartInput, RUN_RULES } from './controlChart'

const rulesAt = (values: number[], index: number) =>
  controlChart({ values })
    .signals.filter((signal) => signal.index === index)
    .map((signal) => signal.rule)

describe('controlChart', () => {
  it('reproduces the individuals chart worked in the NIST/SEMATECH e-Handbook 6.3.2.2', () => {
    const chart = controlChart({ values: [49.6, 47.6, 49.9, 51.3, 47.8, 51.2, 52.6, 52.4, 53.6, 52.1] })
    expect(chart.centre).toBeCloseTo(50.81, 2)
    expect(chart.rangeCentre).toBeCloseTo(1.8778, 4)
    expect(chart.upper).toBeCloseTo(55.8041, 3)
    expect(chart.lower).toBeCloseTo(45.8159, 3)
    expect(chart.signals.filter((signal) => signal.rule === RUN_RULES.beyond)).toEqual([])
  })
  it('the limits are the usual 2.66 and 3.267 mean moving ranges', () => {
    const chart = controlChart({ values: [1, 2, 1, 2, 1] })
    expect((chart.upper - chart.centre) / chart.rangeCentre).toBeCloseTo(2.66, 2)
    expect(chart.rangeUpper / chart.rangeCentre).toBe(3.267)
  })
  it('sees a value beyond the limits, at its place', () => {
    const values = [10, 10.2, 9.9, 10.1, 10, 9.8, 10.1, 10, 9.9, 10.1, 14]
    expect(rulesAt(values, 10)).toContain(RUN_RULES.beyond)
    expect(rulesAt(values, 10)).toContain(RUN_RULES.range)
  })
  it('sees eight on one side', () => {
    const values = [5, 15, 5, 15, 5, 15, 5, 15, 10.9, 11, 10.9, 11, 10.9, 11, 10.9, 11]
    expect(rulesAt(values, 15)).toContain(RUN_RULES.eightOneSide)
    expect(rulesAt(values, 13)).not.toContain(RUN_RULES.eightOneSide)
  })
  it('sees six falling, and not five', () => {
    const values = [10, 12, 11, 10, 9, 8, 7]
    expect(rulesAt(values, 6)).toContain(RUN_RULES.sixTrend)
    expect(rulesAt(values, 5)).not.toContain(RUN_RULES.sixTrend)
  })
  it('sees two of three beyond two sigma, worked by hand', () => {
    // Σ 655, x̄ = 54.583; steps 6 × 6, 20, 6, 6, 6, 9 = 83, MR̄ = 7.5455, σ = MR̄/1.128 = 6.6892: two sigma above are 67.96.
    const values = [50, 44, 50, 44, 50, 44, 50, 70, 64, 70, 64, 55]
    const chart = controlChart({ values })
    expect(chart.centre).toBeCloseTo(54.583, 3)
    expect((chart.upper - chart.centre) / 3).toBeCloseTo(6.6892, 3)
    const at = chart.signals.filter(({ rule }) => rule === RUN_RULES.twoOfThree).map(({ index }) => index)
    expect(at).toEqual([9])
  })
  it('sees four of five beyond one sigma, worked by hand', () => {
    // x̄ = 51.5, MR̄ = 84/11 = 7.6364, σ = 6.7698: one sigma above is 58.27. Of 59, 60, 52, 60, 59 four are beyond, and the last is.
    const values = [40, 50, 40, 50, 49, 50, 59, 60, 52, 60, 59, 49]
    const chart = controlChart({ values })
    expect(chart.centre).toBeCloseTo(51.5, 9)
    const at = chart.signals.filter(({ rule }) => rule === RUN_RULES.fourOfFive).map(({ index }) => index)
    expect(at).toEqual([10])
  })
  it('goes by the run rules as the Western Electric handbook (1956) says them, on any series (property)', () => {
    // Said again without the chart's own code: of the last n points, the one at hand among them, so many lie past the line.
    const said = (z: number[]) =>
      z.flatMap((_, index) => {
        const last = (n: number) => z.slice(index + 1 - n, index + 1)
        const many = (n: number, needed: number, past: number) =>
          index + 1 >= n &&
          [1, -1].some(
            (side) =>
              side * z[index] > past && last(n).filter((value) => side * value > past).length >= needed,
          )
        return [
          ...(many(1, 1, 3) ? [`${index} ${RUN_RULES.beyond}`] : []),
          ...(many(3, 2, 2) ? [`${index} ${RUN_RULES.twoOfThree}`] : []),
          ...(many(5, 4, 1) ? [`${index} ${RUN_RULES.fourOfFive}`] : []),
          ...(many(8, 8, 0) ? [`${index} ${RUN_RULES.eightOneSide}`] : []),
        ]
      })
    const WESTERN = [RUN_RULES.beyond, RUN_RULES.twoOfThree, RUN_RULES.fourOfFive, RUN_RULES.eightOneSide]
    const met = new Set<string>()
    fc.assert(
      fc.property(
        // Slow swings, so that every rule is met.
        fc.array(fc.integer({ min: -1, max: 1 }), { minLength: 10, maxLength: 40 }),
        fc.array(fc.integer({ min: -3, max: 3 }), { minLength: 40, maxLength: 40 }),
        (drift, noise) => {
          let level = 0
          const values = drift.map((step, i) => (level += 3 * step) + noise[i] + 0.0137 * i)
          const { centre, upper, signals } = controlChart({ values })
          const sigma = (upper - centre) / 3
          const found = signals
            .filter(({ rule }) => (WESTERN as string[]).includes(rule))
            .map(({ index, rule }) => `${index} ${rule}`)
          signals.forEach(({ rule }) => met.add(rule))
          expect(found).toEqual(said(values.map((value) => (value - centre) / sigma)))
        },
      ),
    )
    for (const rule of WESTERN) expect(met).toContain(rule)
  })
  it('keeps quiet about values that do not vary', () =>
    expect(controlChart({ values: [3, 3, 3, 3, 3, 3, 3, 3, 3] }).signals).toEqual([]))
  it('moves with its values: a shift changes the centre and no signal (property)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 1000 }), { minLength: 2, maxLength: 30 }),
        fc.integer({ min: -500, max: 500 }),
        (values, shift) => {
          const moved = controlChart({ values: values.map((value) => value + shift) })
          const chart = controlChart({ values })
          expect(moved.centre).toBeCloseTo(chart.centre + shift, 6)
          expect(moved.signals).toEqual(chart.signals)
        },
      ),
    )
  })
  it('wants two values', () =>
    expect(controlChartInput.safeParse({ values: [1] }).error!.issues[0].path).toEqual(['values']))
})
