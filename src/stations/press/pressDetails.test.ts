import { expect, it } from 'vitest'
import { pressDetailsSchema } from '@/core/press/pressCard'
import { pressByAnswer } from '@/core/press/pressByAnswer'
import { newPressSchema } from '@/data/press/presses'
import { detailsOf } from './pressDetails'

it('of a press as it lies in the store, what its card changes is what the card takes', () => {
  const { scale, ...press } = newPressSchema.parse(pressByAnswer('two-screw', 'turns'))
  const stored = { ...press, scale: scale!, id: 'attic', zeroedAt: null, putAwayAt: null }
  const details = detailsOf(stored)
  expect(pressDetailsSchema.parse(details)).toEqual(details)
})
