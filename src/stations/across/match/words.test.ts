import { expect, it } from 'vitest'
import { comparedWords, matchAnswer, scanWords, wholeWords, type MatchAsked } from './words'

const NONE = { reference: [], impression: [] }
const SHADED = { reference: [], impression: ['uneven-light'] as const }
const asked: MatchAsked = {
  pull: 10,
  missing: [],
  standings: null,
  flaws: NONE,
  refusal: null,
  isBusy: false,
}
const says = (more: Partial<MatchAsked>) => matchAnswer({ ...asked, ...more }).says

it('says what the pictures say, or what they cannot', () => {
  expect(says({ missing: ['the BAT', 'pull 10'] })).toBe('Add a picture of the BAT and pull 10')
  expect(says({ isBusy: true })).toBe('Comparing pull 10 with the BAT…')
  expect(matchAnswer({ ...asked, refusal: 'No sheet is seen.' })).toEqual({
    says: 'The pictures cannot be compared',
  })
  expect(says({})).toBe('Compare pull 10 with the BAT')
  expect(says({ standings: ['matches', 'matches'] })).toBe('Pull 10 matches the BAT')
  expect(says({ standings: ['matches', 'differs', 'unclear'] })).toBe(
    '◆ Pull 10 differs from the BAT in 1 of 3 checks',
  )
  expect(says({ standings: ['matches', 'unclear'], flaws: SHADED })).toBe(
    'Pull 10: nothing differs of what these pictures show',
  )
  expect(matchAnswer({ ...asked, standings: ['matches', 'unclear'] }).because).toContain(
    '1 check cannot be said from these pictures',
  )
})

it('says that a print matches only where both pictures bore it', () => {
  expect(wholeWords(['matches', 'unclear'], NONE)).toBe('● Matches the BAT')
  expect(wholeWords(['matches', 'unclear'], SHADED)).toBe(
    '– Nothing differs of what can be told: 1 of 2 cannot',
  )
  expect(wholeWords(['unclear', 'unclear'], SHADED)).toBe('– Nothing can be told from these pictures')
  expect(says({ standings: ['unclear'], flaws: SHADED })).toBe('These pictures tell nothing of pull 10')
  expect(wholeWords(['matches', 'differs'], SHADED)).toBe('◆ Differs in 1 of 2')
  expect(comparedWords({ differing: [], unclear: [] })).toBe('All that were compared match.')
  expect(comparedWords({ differing: [], unclear: [6] })).toBe(
    'Nothing differs; not all can be told of pull 6.',
  )
  expect(comparedWords({ differing: [5], unclear: [6] })).toBe(
    '◆ Differs by its scan: pull 5; not all can be told of pull 6',
  )
  const deltaE00 = { mean: 1.24, p95: 3 }
  expect(scanWords({ outcome: 'matches', values: { colour: 2 }, deltaE00 })).toBe('● matches, ΔE00 1.2')
  expect(scanWords({ outcome: 'unclear', values: { colour: null }, deltaE00 })).toBe('– cannot be said')
})
