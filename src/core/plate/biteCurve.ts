import { z } from 'zod'
import { leastSquares } from '../linear/leastSquares'
import { finite, nonNegative, positive } from '../units/schemas'

/** Degrees by which a bath must be warmer to bite twice as fast [from memory; calibrate by two strips]. */
export const DOUBLING_C = 10
/** Tone differences smaller than this are not a fall: nobody reads them twice alike, density. */
const NOISE = 0.04

export const bitePointSchema = z.strictObject({
  minutes: positive.max(1440, { error: 'must be at most a day (1440 minutes)' }),
  tone: nonNegative.max(4, { error: 'must be within 0 and 4' }),
})
export type BitePoint = z.infer<typeof bitePointSchema>

export const biteStripSchema = z
  .strictObject({
    points: z
      .array(bitePointSchema)
      .min(3, { error: 'needs at least three steps' })
      .max(40, { error: 'takes at most 40 steps' }),
    temperatureC: finite
      .min(0, { error: 'must be within 0 and 60 °C' })
      .max(60, { error: 'must be within 0 and 60 °C' }),
  })
  .superRefine(({ points }, context) => {
    points.forEach(
      ({ minutes }, i) =>
        points.findIndex((point) => point.minutes === minutes) < i &&
        context.addIssue({
          code: 'custom',
          path: ['points', i, 'minutes'],
          message: `${minutes} minutes are there twice`,
        }),
    )
    if (points.every(({ tone }) => tone <= NOISE))
      context.addIssue({ code: 'custom', path: ['points'], message: 'no step shows a tone' })
  })
export type BiteStrip = z.infer<typeof biteStripSchema>

/** How tone grows with cumulative minutes, peaks, and collapses as the grain is bitten away. */
export interface BiteCurve {
  ceiling: number
  riseMinutes: number
  /** minutes at which e⁻¹ of the tone is left of the collapse alone; null while the strip shows none */
  collapseMinutes: number | null
  peakMinutes: number
  peakTone: number
  rmse: number
  temperatureC: number
  /** what the strip itself says against it */
  remarks: string[]
}

type Shape = Pick<BiteCurve, 'ceiling' | 'riseMinutes' | 'collapseMinutes'>

/** Tone after cumulative minutes: D = A(1 − e^(−t/τ))·e^(−(t/κ)²). */
export function toneAt({ ceiling, riseMinutes, collapseMinutes }: Shape, minutes: number): number {
  return (
    ceiling *
    -Math.expm1(-minutes / riseMinutes) *
    (collapseMinutes === null ? 1 : Math.exp(-((minutes / collapseMinutes) ** 2)))
  )
}

function peakOf(shape: Shape, lastMinutes: number): { peakMinutes: number; peakTone: number } {
  if (shape.collapseMinutes === null)
    return { peakMinutes: lastMinutes, peakTone: toneAt(shape, lastMinutes) }
  // Rising and falling factors cross once: the slope of ln D changes sign there.
  const slope = (t: number) =>
    1 / (shape.riseMinutes * Math.expm1(t / shape.riseMinutes)) - (2 * t) / shape.collapseMinutes! ** 2
  let [low, high] = [1e-6, shape.collapseMinutes * 3]
  for (let i = 0; i < 100; i++) {
    const middle = (low + high) / 2
    if (slope(middle) > 0) low = middle
    else high = middle
  }
  return { peakMinutes: low, peakTone: toneAt(shape, low) }
}

/**
 * Fits a test strip: least squares of the curve with and without a collapse, the simpler one kept unless the collapse halves the
 * scatter. A strip that falls and rises again is fitted all the same, and said to be odd.
 */
export function fitBite({ points, temperatureC }: BiteStrip): BiteCurve {
  const steps = [...points].sort((a, b) => a.minutes - b.minutes)
  const last = steps.at(-1)!.minutes
  const most = Math.max(...steps.map(({ tone }) => tone))
  const fit = (collapses: boolean) => {
    const shape = ([a, rise, collapse]: readonly number[]): Shape => ({
      ceiling: Math.exp(a),
      riseMinutes: Math.exp(rise),
      collapseMinutes: collapses ? Math.exp(collapse) : null,
    })
    const residuals = (parameters: number[]) =>
      steps.map(({ minutes, tone }) => toneAt(shape(parameters), minutes) - tone)
    const starts = [0.1, 0.3, 1].map((share) => [
      Math.log(most * 1.1),
      Math.log(last * share),
      ...(collapses ? [Math.log(last * 1.5)] : []),
    ])
    const best = starts
      .map((start) => leastSquares(residuals, start))
      .reduce((a, b) => (b.sumOfSquares < a.sumOfSquares ? b : a))
    return { shape: shape(best.parameters), squares: best.sumOfSquares }
  }
  const plain = fit(false)
  const peaked = steps.length > 3 ? fit(true) : plain
  const { shape, squares } =
    peaked.squares < plain.squares / 2 && most - steps.at(-1)!.tone > NOISE ? peaked : plain
  const dip = steps.findIndex(
    ({ tone }, i) =>
      i > 0 &&
      tone < steps[i - 1].tone - NOISE &&
      steps.slice(i + 1).some((later) => later.tone > steps[i - 1].tone),
  )
  const remarks = [
    ...(dip > 0
      ? [
          `The tone falls at ${steps[dip].minutes} minutes and rises again after: look at that step once more.`,
        ]
      : []),
    ...(shape.collapseMinutes === null &&
    most - steps.at(-1)!.tone <= NOISE &&
    toneAt(shape, last) < 0.85 * shape.ceiling
      ? ['The strip ends before the tone levels off: longer times are a guess.']
      : []),
  ]
  return { ...shape, ...peakOf(shape, last), rmse: Math.sqrt(squares / steps.length), temperatureC, remarks }
}

/** Cumulative minutes that give a tone on the rising side, at the strip's temperature; null where the peak does not reach it. */
export function minutesForTone(curve: BiteCurve, tone: number): number | null {
  if (tone <= 0) return 0
  if (tone > curve.peakTone + 1e-9) return null
  let [low, high] = [0, curve.peakMinutes]
  for (let i = 0; i < 80; i++) {
    const middle = (low + high) / 2
    if (toneAt(curve, middle) < tone) low = middle
    else high = middle
  }
  return (low + high) / 2
}

/** How many times as long a bath takes at another temperature: 2^((T_strip − T)/10). */
export function slowness(stripC: number, bathC: number): number {
  return 2 ** ((stripC - bathC) / DOUBLING_C)
}
