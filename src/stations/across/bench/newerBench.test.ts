import { describe, expect, it } from 'vitest'
import { isNewerBench } from './newerBench'

describe('a page that comes anew', () => {
  it('is taken when another window or an act of this one moved the job on', () => {
    expect(isNewerBench(5, { seen: 4, answered: 4, isAhead: false })).toBe(true)
    expect(isNewerBench(6, { seen: 4, answered: 6, isAhead: false })).toBe(true)
  })

  it('is not taken while something changed here is on its way', () => {
    expect(isNewerBench(5, { seen: 4, answered: 4, isAhead: true })).toBe(false)
  })

  it('does not undo what was saved while it was drawn', () => {
    expect(isNewerBench(5, { seen: 4, answered: 6, isAhead: false })).toBe(false)
  })

  it('is taken once', () => {
    expect(isNewerBench(5, { seen: 5, answered: 4, isAhead: false })).toBe(false)
  })
})
