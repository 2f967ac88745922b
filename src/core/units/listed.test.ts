import { expect, it } from 'vitest'
import { listed } from './listed'

it('joins what is listed as it is spoken', () => {
  expect(listed([])).toBe('')
  expect(listed(['black'])).toBe('black')
  expect(listed(['black', 'blue'])).toBe('black and blue')
  expect(listed(['black', 'blue', 'brown'])).toBe('black, blue and brown')
})
