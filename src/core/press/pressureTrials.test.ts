import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { Matrix, solve } from 'ml-matrix'
import {
  asksForMore,
  learnPressure,
  stepsForVerdict,
  type PressureTrial,
  type PressureVerdict,
  type TriedPressure,
} from './pressureTrials'
import { pressureTrialDocument, trialTakenAlong } from './pressureTrialDocument'
import { turnsScale, USUAL_SCALES } from './usualScales'

const scale = turnsScale(2)
/** A quarter turn of 2 mm a turn. */
const STEP_MM = 0.5
const trial = (suggested: number, set: number, verdict: PressureVerdict): PressureTrial => ({
  scale,
  suggested,
  set,
  verdict,
})
const notched = (set: number, verdict: PressureVerdict, jobId = 'a'): TriedPressure => ({
  scale: USUAL_SCALES.notches,
  suggested: null,
  set,
  verdict,
  jobId,
})

describe('what verdicts teach of a press that was measured', () => {
  it('is nothing before the first: no correction, and 0.4 mm for a step of a verdict', () => {
    const none = learnPressure([], scale)
    expect(none).toMatchObject({ trials: 0, moves: 0, tighterBy: expect.closeTo(0, 12) })
    expect(none.perVerdict).toBeCloseTo(0.4 / STEP_MM, 12)
    expect(stepsForVerdict('bit-light', none)).toBeCloseTo(0.8, 12)
    expect(stepsForVerdict('much-too-heavy', none)).toBeCloseTo(-1.6, 12)
  })
  it('comes to the bias and the step of a press that is always half a turn tighter than reckoned', () => {
    const trials = Array.from({ length: 60 }, (_, i) =>
      i % 2 ? trial(4, 3.5, 'right') : trial(4, 3.8, 'bit-light'),
    )
    const learned = learnPressure(trials, scale)
    expect(learned.tighterBy / 4).toBeCloseTo(0.5, 1)
    expect(learned.perVerdict / 4).toBeCloseTo(0.3, 1)
    expect(learned.sd).toBeLessThan(learnPressure(trials.slice(0, 2), scale).sd)
  })
  it('is the ridge solution of a matrix library (property)', () => {
    const verdicts = ['much-too-light', 'bit-light', 'right', 'bit-heavy', 'much-too-heavy'] as const
    const any = fc.record({
      suggested: fc.double({ min: 1, max: 8, noNaN: true }),
      set: fc.double({ min: 1, max: 8, noNaN: true }),
      steps: fc.integer({ min: -2, max: 2 }),
    })
    fc.assert(
      fc.property(fc.array(any, { maxLength: 12 }), (list) => {
        const learned = learnPressure(
          list.map(({ suggested, set, steps }) => trial(suggested, set, verdicts[2 - steps])),
          scale,
        )
        // Rows of the data over their scatter, rows of the priors over their deviation; tighter is fewer turns.
        const rows = [...list.map(({ steps }) => [1 / 0.2, -steps / 0.2]), [1 / 0.4, 0], [0, 1 / 0.25]]
        const right = [...list.map(({ suggested, set }) => ((suggested - set) * 2) / 0.2), 0, 0.4 / 0.25]
        const [bias, step] = solve(new Matrix(rows), Matrix.columnVector(right)).to1DArray()
        expect(learned.tighterBy).toBeCloseTo(bias / STEP_MM, 6)
        expect(learned.perVerdict).toBeCloseTo(Math.max(0, step) / STEP_MM, 6)
      }),
    )
  })
})

describe('what verdicts teach of a press nobody measured', () => {
  it('is, before the first, one step for one step of a verdict', () => {
    const none = learnPressure([], USUAL_SCALES.notches)
    expect([none.perVerdict, none.perVerdictSd]).toEqual([1, expect.closeTo(0.7, 12)])
  })
  it('learns from two settings of one job: two notches took it from a bit light to right', () => {
    const moves = Array.from({ length: 12 }, (_, i) => [
      notched(2, 'bit-light', `job ${i}`),
      notched(4, 'right', `job ${i}`),
    ]).flat()
    const learned = learnPressure(moves, USUAL_SCALES.notches)
    expect(learned.moves).toBe(12)
    expect(learned.perVerdict).toBeCloseTo(2, 0)
    expect(learned.perVerdictSd).toBeLessThan(
      learnPressure(moves.slice(0, 2), USUAL_SCALES.notches).perVerdictSd,
    )
    expect(Math.round(stepsForVerdict('much-too-light', learned))).toBe(4)
  })
  it('makes nothing of two jobs, of a setting that did not move, or of another language', () => {
    const still = [
      notched(2, 'bit-light', 'a'),
      notched(4, 'right', 'b'),
      notched(4, 'right', 'b'),
      trial(3, 3, 'right'),
    ]
    expect(learnPressure(still, USUAL_SCALES.notches)).toMatchObject({ moves: 0, trials: 0, perVerdict: 1 })
  })
  it('asks for nothing where it was right', () => {
    expect(asksForMore('right')).toBe(false)
    expect(asksForMore('bit-heavy')).toBe(true)
  })
})

describe('a trial of the first releases', () => {
  const first = { suggestedTurns: 3, setTurns: 2.75, verdict: 'right', mmPerTurn: 2 }
  it('was turns of two screws from the bare bed', () => {
    expect(pressureTrialDocument.read(first).value).toEqual(trial(3, 2.75, 'right'))
    expect(trialTakenAlong.parse(first)).toEqual(trial(3, 2.75, 'right'))
    expect(trialTakenAlong.parse(trial(3, 2.75, 'right'))).toEqual(trial(3, 2.75, 'right'))
  })
})
