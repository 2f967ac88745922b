import { expect, it } from 'vitest'
import { todayAnswer } from './answers'

it('says what there is to see to before the first pull', () => {
  expect(todayAnswer(null, false, []).asks?.anchor).toBe('today-room')
  expect(todayAnswer('6 Mar 2026', false, ['zero it'])).toMatchObject({
    says: 'Take today’s readings',
    because: 'The room was read last on 6 Mar 2026: the advice below is for that day.',
  })
  expect(todayAnswer('6 Mar 2026', true, []).says).toBe('Nothing is in the way of the first pull')
  expect(todayAnswer('6 Mar 2026', true, ['Zero both sides.', 'Damp it.'])).toEqual({
    says: '2 things to see to before the first pull',
    because: 'First: Zero both sides.',
  })
})
