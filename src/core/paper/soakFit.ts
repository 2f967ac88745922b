import { z } from 'zod'
import { finite, nonNegative, positive } from '../units/schemas'

/** A fit whose time constant lies beyond so many times the last weighing has seen no levelling off. */
const BEYOND = 50
/** A fit whose time constant lies under so small a part of the first weighing has seen no rise: e⁻¹² is nothing. */
const AT_ONCE = 12

export const soakFitInput = z
  .strictObject({
    points: z
      .array(
        z.strictObject({
          seconds: positive,
          uptakePercent: nonNegative.max(1000, { error: 'must be at most 1000 %' }),
        }),
      )
      .min(2, { error: 'needs at least two weigh-ins' })
      .max(1000, { error: 'takes at most 1000 weigh-ins' }),
  })
  .superRefine(({ points }, context) => {
    if (new Set(points.map(({ seconds }) => seconds)).size < 2)
      context.addIssue({ code: 'custom', path: ['points'], message: 'need two different times' })
    else if (points.every(({ uptakePercent }) => uptakePercent === 0))
      context.addIssue({ code: 'custom', path: ['points'], message: 'show no water taken up' })
    else if (fitTau(points) <= firstSeconds(points) / AT_ONCE)
      context.addIssue({
        code: 'custom',
        path: ['points'],
        message: 'level off before the first: they tell how much, not how fast; weigh once sooner',
      })
    else if (fitTau(points) >= BEYOND * 0.98 * lastSeconds(points))
      context.addIssue({
        code: 'custom',
        path: ['points'],
        message: 'do not level off yet: weigh once more, later',
      })
  })
export const soakFitOutput = z.strictObject({
  saturationPercent: finite,
  tauSeconds: finite,
  rmsePercent: finite,
})
type Points = z.infer<typeof soakFitInput>['points']
export type SoakCurve = z.infer<typeof soakFitOutput>

const firstSeconds = (points: Points) => Math.min(...points.map(({ seconds }) => seconds))
const lastSeconds = (points: Points) => Math.max(...points.map(({ seconds }) => seconds))

/** For a given τ the saturation is linear: its best value, and the sum of squares it leaves. */
function givenTau(points: Points, tau: number): { saturation: number; squares: number } {
  let above = 0
  let below = 0
  for (const { seconds, uptakePercent } of points) {
    const share = -Math.expm1(-seconds / tau)
    above += share * uptakePercent
    below += share * share
  }
  const saturation = above / below
  return {
    saturation,
    squares: points.reduce(
      (sum, { seconds, uptakePercent }) =>
        sum + (uptakePercent + saturation * Math.expm1(-seconds / tau)) ** 2,
      0,
    ),
  }
}

/** Best τ: a scan over five decades, then the golden section. */
function fitTau(points: Points): number {
  const squares = (logTau: number) => givenTau(points, Math.exp(logTau)).squares
  const [from, to] = [
    Math.log(Math.min(...points.map(({ seconds }) => seconds)) / 1000),
    Math.log(BEYOND * lastSeconds(points)),
  ]
  const steps = 240
  const at = (i: number) => from + ((to - from) * i) / steps
  let best = 0
  for (let i = 1; i <= steps; i++) if (squares(at(i)) < squares(at(best))) best = i
  let [low, high] = [at(Math.max(0, best - 1)), at(Math.min(steps, best + 1))]
  const golden = (Math.sqrt(5) - 1) / 2
  for (let i = 0; i < 90; i++) {
    const [left, right] = [high - golden * (high - low), low + golden * (high - low)]
    if (squares(left) < squares(right)) high = right
    else low = left
  }
  return Math.exp((low + high) / 2)
}

/** Fits U = U∞(1 − e^(−t/τ)) to weigh-ins by least squares: what the paper takes up in the end, and how fast. */
export function fitSoak({ points }: z.infer<typeof soakFitInput>): SoakCurve {
  const tauSeconds = fitTau(points)
  const { saturation, squares } = givenTau(points, tauSeconds)
  return { saturationPercent: saturation, tauSeconds, rmsePercent: Math.sqrt(squares / points.length) }
}

/** Seconds in the water until a wanted uptake; null when the paper never takes up so much. */
export function secondsFor(
  uptakePercent: number,
  { saturationPercent, tauSeconds }: Pick<SoakCurve, 'saturationPercent' | 'tauSeconds'>,
): number | null {
  return uptakePercent >= saturationPercent
    ? null
    : -tauSeconds * Math.log1p(-uptakePercent / saturationPercent)
}
