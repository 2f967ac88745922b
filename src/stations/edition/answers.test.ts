import { describe, expect, it } from 'vitest'
import { editionAnswer, quoteAnswer, type EditionAsked } from './answers'

const asked: EditionAsked = {
  open: null,
  next: 12,
  accepted: 10,
  size: 24,
  isNumbered: false,
  outside: 0,
  differing: 0,
  isAlike: true,
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
    expect(says({ differing: 1, isAlike: false })).toBe('Pull 12: 1 setting not as at the BAT')
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
  it('says what a print costs', () => {
    expect(quoteAnswer(null).says).toBe('Complete the fields')
    expect(
      quoteAnswer({ accepted: 27, sheets: 41, hours: 9.2, perAccepted: 7.713, total: 208.25 }),
    ).toMatchObject({ says: '7.71 a print, 208.25 in all' })
  })
})
