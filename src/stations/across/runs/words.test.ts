import { describe, expect, it } from 'vitest'
import { runSchema, runWishSchema, type Run } from '@/core/edition/runs'
import { EMPTY_BENCH } from '@/core/prove/settings'
import { freshWords, runWords, sheetWords, tallyWords } from './words'

const run = (more: Partial<Run> = {}): Run =>
  runSchema.parse({
    ...runWishSchema.parse({ name: 'Blue plate' }),
    position: 1,
    bench: EMPTY_BENCH,
    ...more,
  })

describe('the words of the runs', () => {
  it('speak of what lies between two runs, and of nothing before the first', () => {
    expect(runWords(run(), true)).not.toMatch(/before it/)
    expect(runWords(run({ waitHours: 0 }), false)).toMatch(/before it$/)
    expect(runWords(run({ waitHours: 24 }), false)).toMatch(/before it, 24 h$/)
  })
  it('count the sheets of a run; nothing waits for the first', () => {
    const tally = { through: 3, lost: 1, waiting: 2, open: 0 }
    expect(tallyWords(tally, true)).toBe('3 through, 1 lost.')
    expect(tallyWords({ ...tally, open: 1 }, false)).toBe(
      '3 through, 1 lost, 2 waiting, 1 open or set aside.',
    )
  })
  it('say where a sheet is', () => {
    const line = { isThrough: false, isLost: false }
    expect(sheetWords({ ...line, isThrough: true }, null)).toBe('through')
    expect(sheetWords({ ...line, isLost: true }, run())).toBe('◆ ended')
    expect(sheetWords(line, run())).toBe('waits for Blue plate')
    expect(sheetWords(line, null)).toBe('open at the edition')
  })
  it('say how many sheets are to be begun', () => {
    expect(freshWords(1, 3, 1)).toEqual({
      begin: '1 sheet to begin',
      why: ' so that the 3 still wanted come out of the run, 9 in 10 sure.',
    })
    expect(freshWords(6, 3, 2).why).toMatch(/all 2 runs/)
    expect(freshWords(0, 3, 2).begin).toBeNull()
  })
})
