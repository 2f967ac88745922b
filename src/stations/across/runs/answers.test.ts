import { expect, it } from 'vitest'
import { runsAnswer } from './answers'

it('says how many sheets are begun, with which run', () => {
  const runs = [{ name: 'Key plate' }, { name: 'Ebb' }]
  const at = { fresh: 6, left: 5, through: 19, size: 24, isNumbered: false, overprint: null }
  expect(runsAnswer(runs, at)).toEqual({
    says: 'Begin 6 sheets with Key plate',
    because: '19 of 24 through all 2 runs. Enough for the 5 still wanted, 9 times in 10.',
  })
  expect(runsAnswer(runs, { ...at, isNumbered: true }).says).toBe('The edition is numbered and closed')
  expect(runsAnswer(runs, { ...at, fresh: 0 }).says).toBe('Begin no more sheets')
  expect(runsAnswer(runs, { ...at, overprint: 2 }).says).toBe('Print over 2 existing prints')
  expect(runsAnswer(runs, { ...at, overprint: 0 }).says).toBe('No existing print waits')
  expect(runsAnswer(runs, { ...at, left: 0, fresh: 0, through: 24 }).says).toBe('Every sheet is through')
})
