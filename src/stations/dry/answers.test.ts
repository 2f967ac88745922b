import { expect, it } from 'vitest'
import { dryAnswer, type DryAsked } from './answers'

const asked: DryAsked = {
  numbered: 0,
  accepted: 24,
  size: 24,
  asksBat: true,
  from: { page: 'edition', name: 'Edition' },
  ready: null,
  days: 4,
  jobPage: '/jobs/x',
}
const says = (more: Partial<DryAsked>) => dryAnswer({ ...asked, ...more }).says

it('says what is next for the printed sheets: dry, sort, sign', () => {
  expect(dryAnswer({ ...asked, accepted: 0 }).asks?.page).toBe('/jobs/x/edition')
  expect(dryAnswer(asked)).toMatchObject({ says: 'Lay 24 prints to dry' })
  expect(dryAnswer(asked).because).toContain('Usually 4 days.')
  expect(says({ ready: { on: '4 Dec', isReached: false } })).toBe('Dry on 4 Dec')
  expect(says({ ready: { on: '4 Dec', isReached: true } })).toBe('Sort and number 24 prints')
  expect(says({ accepted: 10, ready: { on: '4 Dec', isReached: true } })).toBe(
    'Sort 10 prints: 14 still to print',
  )
  expect(says({ size: null, accepted: 1, ready: { on: '4 Dec', isReached: true } })).toBe(
    'Mark and sign 1 print',
  )
  expect(
    dryAnswer({ ...asked, size: null, accepted: 0, asksBat: false, from: { page: 'prove', name: 'Prove' } }),
  ).toMatchObject({
    because: 'What is kept comes here.',
    asks: { words: 'Go to Prove', page: '/jobs/x/prove' },
  })
  expect(says({ numbered: 27 })).toBe('Sign 27 prints in this order')
})
