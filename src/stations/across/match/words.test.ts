import { expect, it } from 'vitest'
import { matchAnswer, type MatchAsked } from './words'

const asked: MatchAsked = { pull: 10, missing: [], standings: null, refusal: null, isBusy: false }
const says = (more: Partial<MatchAsked>) => matchAnswer({ ...asked, ...more }).says

it('says what the pictures say, or what they cannot', () => {
  expect(says({ missing: ['the BAT', 'pull 10'] })).toBe('Add a picture of the BAT and pull 10')
  expect(says({ isBusy: true })).toBe('Comparing pull 10 with the BAT…')
  expect(matchAnswer({ ...asked, refusal: 'No sheet is seen.' }).because).toBe('No sheet is seen.')
  expect(says({})).toBe('Compare pull 10 with the BAT')
  expect(says({ standings: ['matches', 'matches'] })).toBe('Pull 10 matches the BAT')
  expect(says({ standings: ['matches', 'differs', 'unclear'] })).toBe(
    '◆ Pull 10 differs from the BAT in 1 of 3 checks',
  )
  expect(matchAnswer({ ...asked, standings: ['matches', 'unclear'] }).because).toContain(
    '1 check cannot be said from these pictures',
  )
})
