import { describe, expect, it } from 'vitest'
import { ladderAnswer, modelAnswer, type LadderAsked } from './answers'

const asked: LadderAsked = {
  unset: [],
  last: { number: 4, isJudged: true, isRight: false, isKept: false },
  changes: [],
  advice: null,
  bat: null,
  asksBat: true,
  isPrint: false,
  jobPage: '/jobs/x',
}
const says = (more: Partial<LadderAsked>) => ladderAnswer({ ...asked, ...more }).says

describe('what the proof ladder says first', () => {
  it('names what has to be set before the first proof', () => {
    expect(ladderAnswer({ ...asked, unset: ['wipe', 'press'] })).toMatchObject({
      says: 'Before the first proof: Wipe and Press',
      asks: { page: '/jobs/x/wipe' },
    })
    expect(says({ last: null })).toBe('Pull the first proof')
  })
  it('proposes one change, and after it the pull', () => {
    const advice = {
      words: 'tighten both screws 1/4 turn',
      complaint: 'line' as const,
      basis: 'from 5 earlier trials here',
    }
    expect(ladderAnswer({ ...asked, advice })).toMatchObject({
      says: 'Next: tighten both screws 1/4 turn',
      because: 'Line strength on proof 4; from 5 earlier trials here. Change one thing only.',
    })
    expect(says({ advice, changes: [{ words: 'Both screws 1/4 turn tighter' }] })).toBe(
      'Pull proof 5: Both screws 1/4 turn tighter',
    )
    expect(says({ changes: [{ words: 'a' }, { words: 'b' }] })).toBe('Pull proof 5: 2 changes at once')
  })
  it('asks what a proof shows, and offers the approval of one that is right', () => {
    expect(says({ last: { number: 4, isJudged: false, isRight: false, isKept: false } })).toBe(
      'What does proof 4 show?',
    )
    expect(says({ last: { number: 4, isJudged: true, isRight: true, isKept: false } })).toContain(
      'approve it as the BAT',
    )
    expect(says({})).toBe('Change one thing, and pull again')
  })
  it('keeps a trial proof where nothing has to be approved, and sends prints to where they are pulled', () => {
    const test = { asksBat: false, isPrint: true }
    const right = { number: 1, isJudged: true, isRight: true, isKept: false }
    expect(says({ ...test, last: null })).toBe('Pull the first proof')
    expect(says({ ...test, last: right })).toBe('Proof 1 is right: keep it')
    expect(ladderAnswer({ ...asked, ...test, last: { ...right, isKept: true } }).asks?.page).toBe(
      '/jobs/x/dry',
    )
    expect(ladderAnswer({ ...asked, asksBat: false, last: null }).asks?.page).toBe('/jobs/x/edition')
    expect(ladderAnswer({ ...asked, asksBat: false, bat: 1 }).says).toBe('BAT 1 is approved: pull the prints')
  })
  it('leads to the edition once there is a BAT', () => {
    expect(ladderAnswer({ ...asked, bat: 1 }).asks?.page).toBe('/jobs/x/edition')
  })
})

it('says which way a change goes on the model', () => {
  const change = [{ words: 'Both screws 1/4 turn tighter' }]
  expect(modelAnswer([], 3, 'proof 4').says).toBe('Try a change on the model')
  expect(modelAnswer(change, null, 'proof 4').says).toBe('Printing the model…')
  expect(modelAnswer(change, 0.1, 'proof 4').says).toBe('As dark as proof 4')
  expect(modelAnswer(change, 3.2, 'proof 4')).toEqual({
    says: 'It prints darker than proof 4',
    because: 'Both screws 1/4 turn tighter. By 3.2 of 255 over the sheet.',
  })
  expect(modelAnswer(change, -3.2, 'proof 4').says).toBe('It prints lighter than proof 4')
})
