import { expect, it } from 'vitest'
import { quantileOf } from './quantileOf'

it('a share of the values is at most their quantile', () => {
  expect(quantileOf([4, 1, 3, 2], 0.5)).toBe(3)
  expect(quantileOf([4, 1, 3, 2], 1)).toBe(4)
})
