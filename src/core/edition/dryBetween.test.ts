import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { EMPTY_BENCH } from '../prove/settings'
import { dryingWords, lastUsed, mayGoOn, TOUCH_DRY_DAYS, waitingToDry } from './dryBetween'
import { runSchema, type BetweenRuns, type RunPull, type SheetMark } from './runs'
import { samplePull, SAMPLE_MOMENT } from './samplePull.test.fixture'

const after = (days: number) => new Date(Date.parse(SAMPLE_MOMENT) + days * 86_400_000).toISOString()
const run = (
  position: number,
  between: BetweenRuns = 'dry',
  kind: 'plate' | 'colouring' = 'plate',
  waitHours = 0,
) => runSchema.parse({ name: `Run ${position}`, kind, between, waitHours, position, bench: EMPTY_BENCH })
const pulls: RunPull[] = [1, 2].map((sheet) => ({
  ...samplePull(sheet, [{ kind: 'decision', decision: 'accepted', reason: '', fate: null }]),
  runPosition: 0,
  sheet,
}))
const mark = (sheet: number, said: SheetMark['mark'], days: number, position = 1): SheetMark => ({
  sheet,
  runPosition: position,
  mark: said,
  why: said === 'done' ? 'umber' : '',
  by: 'Ida Quill',
  at: after(days),
})
const waiting = (days: number, marks: SheetMark[] = [], second = run(1)) => {
  const runs = [run(0), second]
  return waitingToDry({ runs, pulls, sheetMarks: marks, givenSheets: [] }, 1, after(days))
}
const standings = (...said: Parameters<typeof waiting>) => waiting(...said).map(({ standing }) => standing)

describe('ink onto ink', () => {
  it('waits two days, asks for the tissue until ten, and goes on after that', () => {
    expect(standings(1)).toEqual(['wet', 'wet'])
    expect(standings(3)).toEqual(['maybe', 'maybe'])
    expect(standings(11)).toEqual(['dry', 'dry'])
  })
  it('goes on by the tissue, or knowingly wet, sheet by sheet', () => {
    expect(standings(1, [mark(1, 'dry', 1), mark(2, 'wet', 1)])).toEqual(['tested', 'overridden'])
    expect(waiting(1, [mark(1, 'dry', 1)]).map(mayGoOn)).toEqual([true, false])
  })
  it('keeps the workshop’s own waiting, and asks nothing where sheets go on damp or wet', () => {
    expect(standings(3, [], run(1, 'dry', 'plate', 96))).toEqual(['wet', 'wet'])
    expect(standings(5, [], run(1, 'dry', 'plate', 96))).toEqual(['maybe', 'maybe'])
    for (const between of ['wet', 'damp'] as const) expect(waiting(0, [], run(1, between))).toEqual([])
    expect(standings(1, [], run(1, 'dry-damp'))).toEqual(['wet', 'wet'])
  })
  it('counts from the last work on the sheet, a colouring too, and remembers what was used', () => {
    const runs = [run(0), run(1, 'wet', 'colouring'), run(2)]
    const marks = [mark(1, 'done', 20), mark(2, 'done', 21)]
    const found = waitingToDry({ runs, pulls, sheetMarks: marks, givenSheets: [] }, 2, after(22))
    expect(found.map(({ sheet, standing }) => [sheet, standing])).toEqual([
      [1, 'maybe'],
      [2, 'wet'],
    ])
    expect([lastUsed(marks, 1), lastUsed(marks, 2)]).toEqual(['umber', ''])
  })
  it('is said in days, and not where one sheet may go on', () => {
    expect(dryingWords(waiting(0))).toBe(
      '2 sheets lie less than a day: oil ink is dry to the touch in 2 to 10 days, heavy blacks in weeks. Flat is not dry.',
    )
    expect(dryingWords(waiting(3))).toContain('2 sheets lie 3 days')
    expect(dryingWords(waiting(3, [mark(1, 'dry', 2)]))).toBeNull()
    expect(dryingWords([])).toBeNull()
  })
  it('asks of an existing print too, where it is known when it was printed', () => {
    const record = {
      runs: [run(0, 'dry-damp')],
      pulls: [],
      sheetMarks: [],
      givenSheets: [
        { sheet: 1, printedAt: SAMPLE_MOMENT },
        { sheet: 2, printedAt: null },
      ],
    }
    const at = (days: number) => waitingToDry(record, 0, after(days)).map(({ standing }) => standing)
    expect([at(1), at(4), at(30)]).toEqual([
      ['wet', 'dry'],
      ['maybe', 'dry'],
      ['dry', 'dry'],
    ])
    expect(waitingToDry({ ...record, givenSheets: [] }, 0, after(1))).toEqual([])
  })
  it('never becomes wetter with time', () => {
    const order = ['wet', 'maybe', 'dry']
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.integer({ min: 0, max: 2000 }),
        (a, b, hours) => {
          const of = (days: number) => order.indexOf(standings(days, [], run(1, 'dry', 'plate', hours))[0])
          expect(of(Math.min(a, b))).toBeLessThanOrEqual(of(Math.max(a, b)))
        },
      ),
    )
    expect(TOUCH_DRY_DAYS.from).toBeLessThan(TOUCH_DRY_DAYS.by)
  })
})
