import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { Matrix, solve } from 'ml-matrix'
import { learnPressure, turnsForVerdict, type PressureTrial, type PressureVerdict } from './pressureTrials'

const trial = (suggestedTurns: number, setTurns: number, verdict: PressureVerdict): PressureTrial => ({
  suggestedTurns,
  setTurns,
  verdict,
  mmPerTurn: 2,
})

describe('what verdicts teach of a press', () => {
  it('is nothing before the first: no correction, and a step of 0.2 turns at 2 mm a turn', () => {
    expect(learnPressure([], 2)).toMatchObject({
      trials: 0,
      correctionTurns: expect.closeTo(0, 12),
      stepTurns: expect.closeTo(0.2, 12),
    })
    expect(turnsForVerdict('bit-light', learnPressure([], 2))).toBeCloseTo(0.2, 12)
    expect(turnsForVerdict('much-too-heavy', learnPressure([], 2))).toBeCloseTo(-0.4, 12)
  })
  it('comes to the bias and the step of a press that is always half a turn tighter than reckoned', () => {
    const trials = Array.from({ length: 60 }, (_, i) =>
      i % 2 ? trial(4, 3.5, 'right') : trial(4, 3.8, 'bit-light'),
    )
    const learned = learnPressure(trials, 2)
    expect(learned.correctionTurns).toBeCloseTo(-0.5, 1)
    expect(learned.stepTurns).toBeCloseTo(0.3, 1)
    expect(learned.sdTurns).toBeLessThan(learnPressure(trials.slice(0, 2), 2).sdTurns)
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
          2,
        )
        // Rows of the data over their scatter, rows of the priors over their deviation.
        const rows = [...list.map(({ steps }) => [1 / 0.2, steps / 0.2]), [1 / 0.4, 0], [0, 1 / 0.25]]
        const right = [...list.map(({ suggested, set }) => ((set - suggested) * 2) / 0.2), 0, 0.4 / 0.25]
        const [bias, step] = solve(new Matrix(rows), Matrix.columnVector(right)).to1DArray()
        expect(learned.correctionTurns).toBeCloseTo(bias / 2, 6)
        expect(learned.stepTurns).toBeCloseTo(Math.max(0, step) / 2, 6)
      }),
    )
  })
})
