import { mean } from './mean'
import { z } from 'zod'
import { finite } from '../units/schemas'

export const controlChartInput = z.strictObject({
  values: z.array(finite).min(2, { error: 'needs at least two values' }),
})

export const controlChartOutput = z.strictObject({
  centre: finite,
  upper: finite,
  lower: finite,
  rangeCentre: finite,
  rangeUpper: finite,
  signals: z.array(z.strictObject({ index: z.int(), rule: z.string() })),
})
export type ControlChart = z.infer<typeof controlChartOutput>

/** d2 for moving ranges of two: mean range of two normal values in standard deviations (NIST/SEMATECH e-Handbook 6.3.2). */
const D2 = 1.128
/** D4 for ranges of two: upper limit of the moving range over its centre (same source). */
const D4 = 3.267

/** Names of the run rules, as shown to people (Western Electric 1956 with the trend rule of the NIST/SEMATECH e-Handbook 6.3.2). */
export const RUN_RULES = {
  beyond: 'beyond the limits',
  twoOfThree: '2 of 3 beyond two sigma, same side',
  fourOfFive: '4 of 5 beyond one sigma, same side',
  eightOneSide: '8 in a row on one side',
  sixTrend: '6 in a row rising or falling',
  range: 'step too large',
} as const

/** Whether at least `needed` of the `among` values that end at `index` satisfy the test, the one at `index` too. */
function holds(
  values: readonly number[],
  index: number,
  needed: number,
  among: number,
  test: (value: number) => boolean,
): boolean {
  if (index + 1 < among || !test(values[index])) return false
  return values.slice(index + 1 - among, index + 1).filter(test).length >= needed
}

/**
 * Individuals and moving-range chart: centre x̄, limits x̄ ± 3·MR̄/1.128 (= 2.66·MR̄), range limit 3.267·MR̄.
 * Signals name the value at which a rule is fulfilled; `range` stands at the later value of the pair.
 */
export function controlChart({ values }: z.infer<typeof controlChartInput>): ControlChart {
  const centre = mean(values)
  const ranges = values.slice(1).map((value, i) => Math.abs(value - values[i]))
  const rangeCentre = mean(ranges)
  const sigma = rangeCentre / D2
  const signals: ControlChart['signals'] = []
  const within = 1e-12 * Math.max(1, Math.abs(centre))
  values.forEach((value, index) => {
    const say = (rule: keyof typeof RUN_RULES) => signals.push({ index, rule: RUN_RULES[rule] })
    const side = Math.sign(value - centre)
    const past = (sigmas: number) => (other: number) => side * (other - centre) > sigmas * sigma + within
    if (past(3)(value)) say('beyond')
    if (holds(values, index, 2, 3, past(2))) say('twoOfThree')
    if (holds(values, index, 4, 5, past(1))) say('fourOfFive')
    if (holds(values, index, 8, 8, past(0))) say('eightOneSide')
    const steps = values
      .slice(Math.max(0, index - 5), index + 1)
      .map((other, i, all) => (i === 0 ? 0 : Math.sign(other - all[i - 1])))
      .slice(1)
    if (steps.length === 5 && steps[0] !== 0 && steps.every((step) => step === steps[0])) say('sixTrend')
    if (index > 0 && ranges[index - 1] > D4 * rangeCentre + within) say('range')
  })
  return {
    centre,
    upper: centre + (3 * rangeCentre) / D2,
    lower: centre - (3 * rangeCentre) / D2,
    rangeCentre,
    rangeUpper: D4 * rangeCentre,
    signals,
  }
}
