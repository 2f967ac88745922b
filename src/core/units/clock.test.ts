import { expect, it } from 'vitest'
import { clock } from './clock'

it('writes minutes and seconds, and + once the time is over', () => {
  expect([0, 7, 60, 306.9, 3600, -75].map(clock)).toEqual(['0:00', '0:07', '1:00', '5:06', '60:00', '+1:15'])
})
