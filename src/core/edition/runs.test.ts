import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import type { Pull } from './pull'
import { runTally, sheetLines, sheetsToStart, sheetsWaiting, startsThroughRuns, type SheetMark } from './runs'
import { startsNeeded } from './startsNeeded'

const at = '2031-05-02T09:00:00.000Z'
const runs = [{ position: 0, kind: 'plate' }, { position: 1, kind: 'plate' }, { position: 2, kind: 'hand' }] as const
const pulled = (sheet: number, runPosition: number, decision: 'accepted' | 'rejected' | null, kind: Pull['kind'] = 'edition') => ({
  id: `s${sheet}r${runPosition}`, number: sheet, kind, pulledAt: at, zone: 'Etc/UTC', estimated: false, settings: sampleSettings, hands: { inked: 'Ida', wiped: null, laid: null }, expected: null, expectation: '', batVersion: 1, runPosition, sheet,
  events: decision ? [{ event: { kind: 'decision' as const, decision, reason: decision === 'rejected' ? 'grey' : '', fate: decision === 'rejected' ? ('destroyed' as const) : null }, at, by: 'Ida', why: null }] : [],
})
const mark = (sheet: number, runPosition: number, done: SheetMark['mark']): SheetMark => ({ sheet, runPosition, mark: done, why: done === 'lost' ? 'torn' : '', by: 'Ida', at })

describe('a sheet through several runs', () => {
  const pulls = [pulled(1, 0, 'accepted'), pulled(2, 0, 'accepted'), pulled(3, 0, 'rejected'), pulled(4, 0, 'accepted'), pulled(5, 0, null), pulled(9, 0, null, 'warmup'), pulled(1, 1, 'accepted'), pulled(2, 1, 'rejected')]
  const lines = sheetLines(runs, pulls, [mark(1, 2, 'done'), mark(4, 1, 'lost')])
  it('has its life on one line', () => {
    expect(lines.map(({ sheet, steps }) => [sheet, ...steps])).toEqual([
      [1, 'through', 'through', 'through'], [2, 'through', 'rejected', 'rejected'], [3, 'rejected', 'rejected', 'rejected'], [4, 'through', 'lost', 'lost'], [5, 'open', 'not-yet', 'not-yet'],
    ])
    expect(lines.filter(({ isThrough }) => isThrough).map(({ lastPullId }) => lastPullId)).toEqual(['s1r1'])
  })
  it('waits for the run it has not had, and no other does', () => {
    expect(sheetsWaiting(sheetLines(runs, pulls, []), 1)).toEqual([4])
    expect(sheetsWaiting(sheetLines(runs, pulls, []), 2)).toEqual([1])
  })
  it('is counted lost in the run that lost it only', () => expect([0, 1, 2].map((i) => runTally(lines, i))).toEqual([{ through: 3, lost: 1, waiting: 1 }, { through: 1, lost: 2, waiting: 0 }, { through: 1, lost: 0, waiting: 0 }]))
  it('every sheet is through, lost or still on its way, whatever happened (property)', () => {
    const step = fc.record({ sheet: fc.integer({ min: 1, max: 6 }), run: fc.integer({ min: 0, max: 1 }), decision: fc.constantFrom('accepted' as const, 'rejected' as const, null) })
    fc.assert(fc.property(fc.array(step, { maxLength: 20 }), (steps) => {
      const made = sheetLines(runs, steps.map(({ sheet, run, decision }) => pulled(sheet, run, decision)), [])
      for (const { steps: life, isLost, isThrough } of made) {
        expect(isLost && isThrough).toBe(false)
        // Nothing follows a step that was not passed, but the same loss or waiting.
        life.forEach((one, i) => i > 0 && life[i - 1] !== 'through' && expect([life[i - 1], 'not-yet']).toContain(one))
      }
    }))
  })
})

describe('sheets to begin several runs with', () => {
  const fresh = { through: 0, lost: 0 }
  it('are those of one run where there is one', () => expect(startsThroughRuns(30, [{ through: 22, lost: 3 }], 0.9)).toEqual([startsNeeded({ accepted: 30, earlierAccepted: 22, earlierRejected: 3, confidence: 0.9 }).starts]))
  it('count what is through already, and more for what a later run will lose', () => {
    const one = [{ position: 0, kind: 'plate' }] as const
    const made = [1, 2, 3].map((sheet) => pulled(sheet, 0, sheet === 3 ? 'rejected' : 'accepted'))
    expect(sheetsToStart(5, sheetLines(one, made, []), 1, 0, 0.9)).toEqual({ target: 5, left: 3, starts: startsNeeded({ accepted: 3, earlierAccepted: 2, earlierRejected: 1, confidence: 0.9 }).starts })
    const two = sheetsToStart(5, sheetLines(runs.slice(0, 2), made, []), 2, 0, 0.9)
    expect(two.target).toBeGreaterThan(5)
    expect(two.left).toBe(two.target - 2)
    expect(sheetsToStart(2, sheetLines(one, made, []), 1, 0, 0.9)).toEqual({ target: 2, left: 0, starts: 0 })
  })
  it('never grow from run to run, nor shrink as a later run loses more (property)', () => {
    const loss = fc.integer({ min: 0, max: 10 })
    fc.assert(fc.property(fc.integer({ min: 1, max: 60 }), loss, loss, (wanted, a, b) => {
      const [first, second] = startsThroughRuns(wanted, [fresh, { through: 20, lost: a }], 0.9)
      expect(first).toBeGreaterThanOrEqual(second)
      expect(second).toBeGreaterThanOrEqual(wanted)
      expect(startsThroughRuns(wanted, [fresh, { through: 20, lost: a + b }], 0.9)[0]).toBeGreaterThanOrEqual(first)
    }))
  })
  it('let enough out of the last in at least nine of ten editions played by chance', () => {
    // Rates drawn from what each run knows (Beta by order statistics of uniforms), seeded: common practice, no source.
    let seed = 7
    const random = () => ((seed = (seed * 1103515245 + 12345) % 2147483648) + 0.5) / 2147483648
    const beta = (a: number, b: number) => Array.from({ length: a + b - 1 }, random).sort((x, y) => x - y)[a - 1]
    const [begun] = startsThroughRuns(12, [fresh, fresh], 0.9)
    let enough = 0
    for (let i = 0; i < 2000; i++) {
      const lossy = [beta(1, 7), beta(1, 7)]
      let left = begun
      for (const rate of lossy) left = Array.from({ length: left }, random).filter((u) => u > rate).length
      if (left >= 12) enough += 1
    }
    expect(enough / 2000).toBeGreaterThan(0.88)
  })
})
