import { expect, it } from 'vitest'
import { capital } from './capital'

it('words begin a sentence, whatever they begin with', () => {
  expect(capital('about 40 pulls left')).toBe('About 40 pulls left')
  expect(capital('état')).toBe('État')
  expect(capital('40 left')).toBe('40 left')
  expect(capital('')).toBe('')
})
