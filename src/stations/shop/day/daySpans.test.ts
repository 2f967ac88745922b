import { expect, it } from 'vitest'
import { wallClock } from './daySpans'

it('the clock on the wall names the day once it is another', () => {
  // 2031-05-02 is a Friday.
  const start = '2031-05-02T17:30:00.000Z'
  expect(wallClock(start, 0, 'Etc/UTC')).toBe('17:30')
  expect(wallClock(start, 389, 'Etc/UTC')).toBe('23:59')
  expect(wallClock(start, 410, 'Etc/UTC')).toBe('Sat 00:20')
  expect(wallClock(start, 410, 'America/St_Johns')).toBe('21:50')
  expect(wallClock(start, -1110, 'Etc/UTC')).toBe('Thu 23:00')
})
