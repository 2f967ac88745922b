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
