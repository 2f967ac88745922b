import { describe, expect, it } from 'vitest'
import { editionAnswer, quoteAnswer, type EditionAsked } from './answers'

const asked: EditionAsked = {
  open: null,
  next: 12,
  accepted: 10,
  job: { purpose: 'edition', editionSize: 24 },
  unset: [],
  isHeld: true,
  isNumbered: false,
  outside: 0,
  differing: 0,
  doubt: null,
  sheets: 18,
  jobPage: '/jobs/x',
}
const says = (more: Partial<EditionAsked>) => editionAnswer({ ...asked, ...more }).says

describe('what the edition says first', () => {
  it('pulls while every setting is as at the BAT, and puts back what is not', () => {
    expect(editionAnswer(asked)).toEqual({
      says: 'Pull 12: every setting is as at the BAT',
      because: '10 of 24 accepted. 18 sheets damp are enough for the rest, 9 times in 10.',
    })
    expect(says({ differing: 1 })).toBe('Pull 12: all within what the BAT allows')
    expect(says({ differing: 1, job: { purpose: 'varied', editionSize: 24 } })).toBe(
      'Pull 12: 1 setting not as at the BAT',
    )
    expect(editionAnswer({ ...asked, doubt: 'Nothing is pressed.' })).toMatchObject({
      says: '◆ Not yet: pull 12 would not print',
      because: 'Nothing is pressed. 10 of 24 accepted.',
    })
    expect(says({ outside: 2 })).toBe('◆ Put 2 settings back before pull 12')
  })
  it('decides what is pulled before anything else is pulled', () => {
    expect(says({ open: 11, outside: 1 })).toBe('Hold pull 11 beside the BAT')
  })
  it('leads on once the edition is reached, and to the record once it is numbered', () => {
    expect(editionAnswer({ ...asked, accepted: 24 })).toMatchObject({
      says: 'All 24 are accepted: dry and sort them',
      asks: { page: '/jobs/x/dry' },
    })
    expect(editionAnswer({ ...asked, isNumbered: true }).asks?.page).toBe('/jobs/x/record')
  })
  it('asks for no approved proof where the prints are each one of their own', () => {
    const single = {
      ...asked,
      job: { purpose: 'unique' as const, editionSize: 1 },
      isHeld: false,
      next: 1,
      accepted: 0,
    }
    expect(editionAnswer(single)).toEqual({ says: 'Pull print 1', because: '0 kept.' })
    expect(editionAnswer({ ...single, unset: ['ink', 'press'] })).toMatchObject({
      says: 'Before the first print: Ink and Press',
      asks: { page: '/jobs/x/ink' },
    })
    expect(editionAnswer({ ...single, open: 1 }).says).toBe('Keep print 1?')
    expect(editionAnswer({ ...single, accepted: 1, next: 2 })).toMatchObject({
      says: '1 print kept: dry and sign, or pull another',
      asks: { page: '/jobs/x/dry' },
    })
    const series = { ...single, job: { purpose: 'varied' as const, editionSize: 5 }, next: 2, accepted: 1 }
    expect(editionAnswer(series).because).toContain('1 of 5 accepted.')
    expect(editionAnswer({ ...series, accepted: 5 }).says).toBe('All 5 are accepted: dry and sort them')
  })
  it('says what a print costs', () => {
    expect(quoteAnswer(null).says).toBe('Complete the fields')
    expect(
      quoteAnswer({ accepted: 27, sheets: 41, hours: 9.2, perAccepted: 7.713, total: 208.25 }),
    ).toMatchObject({ says: '7.71 a print, 208.25 in all' })
  })
})
