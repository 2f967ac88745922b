import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import type { Pull } from './pull'
import { chanceOfEnough, freshSheets } from './freshSheets'
import { runTally, sheetLines, sheetsWaiting, type RunPull, type SheetMark, type SheetsRecord } from './runs'
import { startsNeeded } from '../stats/startsNeeded'

const at = '2031-05-02T09:00:00.000Z'
const runs = [
  { position: 0, kind: 'plate' },
  { position: 1, kind: 'plate' },
  { position: 2, kind: 'colouring' },
] as const
const pulled = (
  sheet: number,
  runPosition: number,
  decision: 'accepted' | 'rejected' | null,
  kind: Pull['kind'] = 'edition',
) => ({
  id: `s${sheet}r${runPosition}`,
  number: sheet,
  kind,
  pulledAt: at,
  zone: 'Etc/UTC',
  estimated: false,
  settings: sampleSettings,
  hands: { inked: 'Ida', wiped: null, laid: null },
  expected: null,
  expectation: '',
  batVersion: 1,
  runPosition,
  sheet,
  events: decision
    ? [
        {
          event: {
            kind: 'decision' as const,
            decision,
            reason: decision === 'rejected' ? 'grey' : '',
            fate: decision === 'rejected' ? ('destroyed' as const) : null,
          },
          at,
          by: 'Ida',
          why: null,
        },
      ]
    : [],
})
const mark = (sheet: number, runPosition: number, done: SheetMark['mark']): SheetMark => ({
  sheet,
  runPosition,
  mark: done,
  why: done === 'lost' ? 'torn' : '',
  by: 'Ida',
  at,
})

const linesOf = (
  order: SheetsRecord<(typeof runs)[number]>['runs'],
  pulls: RunPull[],
  sheetMarks: SheetMark[] = [],
) => sheetLines({ runs: order, pulls, sheetMarks, givenSheets: [] })

describe('a sheet through several runs', () => {
  const pulls = [
    pulled(1, 0, 'accepted'),
    pulled(2, 0, 'accepted'),
    pulled(3, 0, 'rejected'),
    pulled(4, 0, 'accepted'),
    pulled(5, 0, null),
    pulled(9, 0, null, 'warmup'),
    pulled(1, 1, 'accepted'),
    pulled(2, 1, 'rejected'),
  ]
  const lines = linesOf(runs, pulls, [mark(1, 2, 'done'), mark(4, 1, 'lost')])
  it('has its life on one line', () => {
    expect(lines.map(({ sheet, steps }) => [sheet, ...steps])).toEqual([
      [1, 'through', 'through', 'through'],
      [2, 'through', 'rejected', 'rejected'],
      [3, 'rejected', 'rejected', 'rejected'],
      [4, 'through', 'lost', 'lost'],
      [5, 'open', 'not-yet', 'not-yet'],
    ])
    expect(lines.filter(({ isThrough }) => isThrough).map(({ lastPullId }) => lastPullId)).toEqual(['s1r1'])
  })
  it('waits for the run it has not had, and no other does', () => {
    expect(sheetsWaiting(linesOf(runs, pulls), 1)).toEqual([4])
    expect(sheetsWaiting(linesOf(runs, pulls), 2)).toEqual([1])
  })
  it('is counted lost in the run that lost it only', () =>
    expect([0, 1, 2].map((i) => runTally(lines, i))).toEqual([
      { through: 3, lost: 1, waiting: 0, open: 1 },
      { through: 1, lost: 2, waiting: 0, open: 0 },
      { through: 1, lost: 0, waiting: 0, open: 0 },
    ]))
  it('every sheet is through, lost or still on its way, whatever happened (property)', () => {
    const step = fc.record({
      sheet: fc.integer({ min: 1, max: 6 }),
      run: fc.integer({ min: 0, max: 1 }),
      decision: fc.constantFrom('accepted' as const, 'rejected' as const, null),
    })
    fc.assert(
      fc.property(fc.array(step, { maxLength: 20 }), (steps) => {
        const made = linesOf(
          runs,
          steps.map(({ sheet, run, decision }) => pulled(sheet, run, decision)),
        )
        for (const { steps: life, isLost, isThrough } of made) {
          expect(isLost && isThrough).toBe(false)
          // Nothing follows a step that was not passed, but the same loss or waiting.
          life.forEach(
            (one, i) => i > 0 && life[i - 1] !== 'through' && expect([life[i - 1], 'not-yet']).toContain(one),
          )
        }
      }),
    )
  })
})

describe('fresh sheets for several runs', () => {
  const none = { through: 0, lost: 0, waiting: 0, open: 0 }
  /** P(k of n pass) summed directly over binomial terms with the rate integrated by the beta function of whole numbers. */
  const betaBinomial = (n: number, k: number, good: number, bad: number) => {
    const lnFact = (m: number) =>
      Array.from({ length: m }, (_, i) => Math.log(i + 1)).reduce((sum, x) => sum + x, 0)
    const lnBeta = (a: number, b: number) => lnFact(a - 1) + lnFact(b - 1) - lnFact(a + b - 1)
    return Math.exp(lnFact(n) - lnFact(k) - lnFact(n - k) + lnBeta(k + good, n - k + bad) - lnBeta(good, bad))
  }
  it('are those of one run where there is one', () => {
    const one = [{ position: 0, kind: 'plate' }] as const
    const made = [1, 2, 3].map((sheet) => pulled(sheet, 0, sheet === 3 ? 'rejected' : 'accepted'))
    expect(freshSheets(5, linesOf(one, made), 1, 0.9)).toEqual({
      left: 3,
      fresh: startsNeeded({ accepted: 3, earlierAccepted: 2, earlierRejected: 1, confidence: 0.9 }).starts,
    })
    expect(freshSheets(2, linesOf(one, made), 1, 0.9)).toEqual({ left: 0, fresh: 0 })
  })
  it('agree with the sum over both runs written out (direct summation)', () => {
    const [first, second] = [
      { ...none, through: 5, lost: 1 },
      { ...none, through: 2, lost: 1, waiting: 2 },
    ]
    let expected = 0
    for (let a = 0; a <= 6; a++)
      for (let b = 3; b <= a + 2; b++)
        expected += betaBinomial(6, a, 7 + 5, 1 + 1) * betaBinomial(a + 2, b, 7 + 2, 1 + 1)
    expect(chanceOfEnough(3, [first, second], 6)).toBeCloseTo(expected, 10)
  })
  it('are the fewest that are sure enough, and fewer where sheets wait already (property)', () => {
    const tally = fc.record({
      through: fc.integer({ min: 0, max: 20 }),
      lost: fc.integer({ min: 0, max: 6 }),
      waiting: fc.integer({ min: 0, max: 6 }),
      open: fc.constant(0),
    })
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 15 }), tally, tally, (wanted, first, second) => {
        const need = (of: (typeof first)[]) => {
          let n = 0
          while (chanceOfEnough(wanted, of, n) < 0.9) n++
          return n
        }
        expect(need([first, second])).toBeLessThanOrEqual(need([first, { ...second, waiting: 0 }]))
        expect(chanceOfEnough(0, [first, second], 4)).toBeCloseTo(1, 9)
      }),
      { numRuns: 40 },
    )
    const two = runs.slice(0, 2)
    const lines = linesOf(two, [pulled(1, 0, 'accepted'), pulled(2, 0, 'accepted'), pulled(3, 0, 'rejected')])
    const { fresh } = freshSheets(6, lines, 2, 0.9)
    const tallies = [0, 1].map((i) => runTally(lines, i))
    expect(chanceOfEnough(6, tallies, fresh)).toBeGreaterThanOrEqual(0.9)
    expect(chanceOfEnough(6, tallies, fresh - 1)).toBeLessThan(0.9)
  })
})
