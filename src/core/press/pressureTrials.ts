import { z } from 'zod'
import { finite } from '../units/schemas'
import {
  closerMm,
  readingProblem,
  speaksAlike,
  stepsTighter,
  type PressureScale,
  scaleShape,
} from './pressureScale'

/** What the eye says of the pressure of a proof, in steps toward too little. */
export const PRESSURE_VERDICTS = {
  'much-too-light': 'Much too light',
  'bit-light': 'A bit light',
  right: 'Right',
  'bit-heavy': 'A bit heavy',
  'much-too-heavy': 'Much too heavy',
} as const
export type PressureVerdict = keyof typeof PRESSURE_VERDICTS
const STEPS: Record<PressureVerdict, number> = {
  'much-too-light': 2,
  'bit-light': 1,
  right: 0,
  'bit-heavy': -1,
  'much-too-heavy': -2,
}

/** A setting that was tried, and what the print said of it. */
export const pressureTrialSchema = z
  .strictObject({
    scale: scaleShape,
    /** what the tool had named; null: it had named nothing */
    suggested: finite.nullable(),
    set: finite,
    verdict: z.enum(Object.keys(PRESSURE_VERDICTS) as [PressureVerdict, ...PressureVerdict[]]),
  })
  .superRefine(({ scale, set }, context) => {
    const wrong = readingProblem(scale, set)
    if (wrong) context.addIssue({ code: 'custom', path: ['set'], message: wrong })
  })
export type PressureTrial = z.infer<typeof pressureTrialSchema>

/** A trial with the job it was made in: two in a row of one job show what a step does. */
export type TriedPressure = PressureTrial & { jobId?: string }

/** What is believed of a press before anything was tried, mm of gap: no bias within 0.4, a step of a verdict 0.4 ± 0.25, scatter 0.2 [from memory]. */
const IN_MM = { biasSd: 0.4, step: 0.4, stepSd: 0.25, scatter: 0.2 }
/** The same where nobody measured the press, in its own steps: a verdict's step is one of them, 0.7 either way [from memory]. */
const IN_STEPS = { biasSd: 1, step: 1, stepSd: 0.7, scatter: 0.5 }

/** What this press's trials teach, in steps of its scale. */
export interface LearnedPressure {
  /** settings the tool had named that were tried */
  trials: number
  /** times one was moved after a verdict and judged again */
  moves: number
  /** what is added to a named setting on this press; below zero: looser */
  tighterBy: number
  /** how sure that is, one standard deviation; scatter of a single setting included */
  sd: number
  /** what one step of a verdict ("a bit light") usually was, and how sure that is */
  perVerdict: number
  perVerdictSd: number
}

/** One equation of what is looked for: `bias·isNamed − step·verdict = tighter`. */
interface Row {
  isNamed: 0 | 1
  verdict: number
  tighter: number
  scatter: number
}

/**
 * Learns a press from verdicts: the right setting lies `step·v` tighter than one judged v steps too light, and `bias` from what was
 * named. A named trial gives bias − step·v = tighter; two of one job in a row give step·(v₁ − v₂) = tighter₂ − tighter₁. Bayesian
 * linear regression with the priors above: in mm of gap where the scale was measured, else in its own steps.
 */
export function learnPressure(trials: readonly TriedPressure[], scale: PressureScale): LearnedPressure {
  const own = trials.filter((trial) => speaksAlike(trial.scale, scale))
  const middle = (scale.least + Math.min(scale.most, scale.least + 2 * scale.step)) / 2
  const stepMm = closerMm(scale, middle, middle + (scale.heavier === 'up' ? scale.step : -scale.step))
  const prior = stepMm === null ? IN_STEPS : IN_MM
  const tighter = (of: PressureScale, from: number, to: number) =>
    stepMm === null ? stepsTighter(of, from, to) : closerMm(of, from, to)
  const rows: Row[] = own.flatMap((trial, i): Row[] => {
    const verdict = STEPS[trial.verdict]
    const named = trial.suggested === null ? null : tighter(trial.scale, trial.suggested, trial.set)
    if (named !== null) return [{ isNamed: 1, verdict, tighter: named, scatter: prior.scatter }]
    const before = own[i - 1]
    if (!before || before.jobId === undefined || before.jobId !== trial.jobId) return []
    const moved = tighter(scale, before.set, trial.set)
    return moved === null || moved === 0
      ? []
      : [
          {
            isNamed: 0,
            // As −step·(v₂ − v₁): the same equation without a bias.
            verdict: verdict - STEPS[before.verdict],
            tighter: moved,
            scatter: prior.scatter * Math.SQRT2,
          },
        ]
  })
  // Precision matrix [[a, b], [b, c]] and right side [p, q] of the normal equations.
  let [a, b, c] = [1 / prior.biasSd ** 2, 0, 1 / prior.stepSd ** 2]
  let [p, q] = [0, prior.step * c]
  for (const row of rows) {
    const weight = 1 / row.scatter ** 2
    a += weight * row.isNamed
    b -= weight * row.isNamed * row.verdict
    c += weight * row.verdict ** 2
    p += weight * row.isNamed * row.tighter
    q -= weight * row.verdict * row.tighter
  }
  const det = a * c - b * b
  const [bias, step] = [(c * p - b * q) / det, (a * q - b * p) / det]
  const unit = stepMm === null ? 1 : Math.abs(stepMm)
  const named = rows.filter(({ isNamed }) => isNamed === 1).length
  return {
    trials: named,
    moves: rows.length - named,
    tighterBy: bias / unit,
    sd: Math.sqrt(c / det + prior.scatter ** 2) / unit,
    perVerdict: Math.max(0, step) / unit,
    perVerdictSd: Math.sqrt(a / det) / unit,
  }
}

/** Steps to tighten after a verdict; below zero: loosen. */
export const stepsForVerdict = (verdict: PressureVerdict, learned: LearnedPressure): number =>
  STEPS[verdict] * learned.perVerdict

/** Whether a verdict asks for another setting. */
export const asksForMore = (verdict: PressureVerdict): boolean => STEPS[verdict] !== 0
