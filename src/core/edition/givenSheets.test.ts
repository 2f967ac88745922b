import { describe, expect, it } from 'vitest'
import { EMPTY_BENCH } from '../prove/settings'
import { sheetsToPrint } from './dryBetween'
import { givenOf, givenSheetSchema, nameOfGiven, newGivenSchema } from './givenSheets'
import { noSheetWords, runSchema, sheetLines } from './runs'
import { samplePull, SAMPLE_MOMENT } from './samplePull.test.fixture'

const given = [1, 2, 3].map((sheet) =>
  givenSheetSchema.parse({ sheet, mark: `${sheet}/24`, source: 'Ebb', by: 'Ida Quill', at: SAMPLE_MOMENT }),
)
const runs = ['Over', 'Colour'].map((name, position) =>
  runSchema.parse({ name, position, between: 'wet', bench: EMPTY_BENCH }),
)
const pull = (sheet: number, decision: 'accepted' | 'rejected') => ({
  ...samplePull(sheet, [
    decision === 'accepted'
      ? { kind: 'decision', decision, reason: '', fate: null }
      : { kind: 'decision', decision, reason: 'grey', fate: 'destroyed' },
  ]),
  runPosition: 0,
  sheet,
})

describe('existing prints as sheets', () => {
  const record = {
    runs,
    pulls: [pull(1, 'accepted'), pull(2, 'rejected')],
    sheetMarks: [],
    givenSheets: given,
  }
  it('wait for the first run, and then live as every sheet does', () => {
    expect(sheetLines(record).map(({ sheet, steps, lastPullId }) => [sheet, ...steps, lastPullId])).toEqual([
      [1, 'through', 'waiting', 'p1'],
      [2, 'rejected', 'rejected', 'p2'],
      [3, 'waiting', 'not-yet', null],
    ])
    expect([0, 1].map((at) => sheetsToPrint(record, at, SAMPLE_MOMENT))).toEqual([[3], [1]])
  })
  it('are named by what is written on them', () => {
    expect(nameOfGiven(given[1])).toBe('2/24 of Ebb')
    expect([givenOf(given, 2)?.mark, givenOf(given, 9)]).toEqual(['2/24', null])
  })
  it('say what is wanting: a number, a place it comes from, at least one print', () => {
    const refused = (prints: unknown) =>
      newGivenSchema.safeParse({ prints, by: 'Ida Quill' }).error?.issues.map(({ path }) => path.join('.'))
    expect(refused({ from: 'outside', mark: ' ', source: '' })).toEqual(['prints.mark', 'prints.source'])
    expect(refused({ from: 'job', jobId: 'a', pullIds: [] })).toEqual(['prints.pullIds'])
    expect(refused({ from: 'job', jobId: 'a', pullIds: ['p'] })).toBeUndefined()
  })
  it('are asked for where none waits', () =>
    expect([0, 1].map((at) => noSheetWords(runs, at))).toEqual([
      'No existing print waits: take in another at Runs.',
      'No sheet waits for “Colour”: it needs one that is through “Over”.',
    ]))
})
