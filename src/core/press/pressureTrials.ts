import { z } from 'zod'
import { finite, positive } from '../units/schemas'

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

/** A setting that was tried after the tool had named one. */
export const pressureTrialSchema = z.strictObject({
  suggestedTurns: finite
    .min(-100, { error: 'must be within −100 and 100' })
    .max(100, { error: 'must be within −100 and 100' }),
  setTurns: finite.min(0, { error: 'must be 0 or more' }).max(100, { error: 'must be at most 100' }),
  verdict: z.enum(Object.keys(PRESSURE_VERDICTS) as [PressureVerdict, ...PressureVerdict[]]),
  mmPerTurn: positive,
})
export type PressureTrial = z.infer<typeof pressureTrialSchema>

/** What is believed of a press before anything was tried, mm of gap: no bias within 0.4, a step of a verdict 0.4 ± 0.25, scatter 0.2 [from memory]. */
const PRIOR = { biasSd: 0.4, step: 0.4, stepSd: 0.25, scatter: 0.2 }

/** What this press's trials teach. */
export interface LearnedPressure {
  trials: number
  /** what is added to a suggested setting on this press, turns; looser is positive */
  correctionTurns: number
  /** how sure that is, turns, one standard deviation; scatter of a single setting included */
  sdTurns: number
  /** what one step of a verdict ("a bit light") usually was, turns tighter */
  stepTurns: number
}

/**
 * Learns a press's correction from verdicts: the right setting is `set − step·v`, v the verdict's steps toward light, and lies
 * `bias` from what was suggested: set − suggested = bias + step·v + noise. Bayesian linear regression with the priors above, in mm of gap.
 */
export function learnPressure(trials: readonly PressureTrial[], mmPerTurn: number): LearnedPressure {
  const noise = 1 / PRIOR.scatter ** 2
  // Precision matrix [[a, b], [b, c]] and right side [p, q] of the normal equations.
  let [a, b, c] = [1 / PRIOR.biasSd ** 2, 0, 1 / PRIOR.stepSd ** 2]
  let [p, q] = [0, PRIOR.step * c]
  for (const { suggestedTurns, setTurns, verdict, mmPerTurn: lead } of trials) {
    const [v, y] = [STEPS[verdict], (setTurns - suggestedTurns) * lead]
    a += noise
    b += noise * v
    c += noise * v * v
    p += noise * y
    q += noise * v * y
  }
  const det = a * c - b * b
  const [bias, step] = [(c * p - b * q) / det, (a * q - b * p) / det]
  return {
    trials: trials.length,
    correctionTurns: bias / mmPerTurn,
    sdTurns: Math.sqrt(c / det + PRIOR.scatter ** 2) / mmPerTurn,
    stepTurns: Math.max(0, step) / mmPerTurn,
  }
}

/** Turns to tighten after a verdict; below zero: loosen. */
export const turnsForVerdict = (verdict: PressureVerdict, learned: LearnedPressure): number =>
  STEPS[verdict] * learned.stepTurns
