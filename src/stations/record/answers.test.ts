import { expect, it } from 'vitest'
import { recordAnswer } from './answers'

it('says what the record is good for now', () => {
  expect(recordAnswer(0, 0, '/jobs/x').asks?.page).toBe('/jobs/x/dry')
  expect(recordAnswer(27, 0, '')).toEqual({
    says: '27 prints numbered: file the documentation',
    because: 'All are in the workshop.',
  })
  expect(recordAnswer(1, 0, '', 'signed').says).toBe('1 print signed: file the documentation')
  expect(recordAnswer(27, 1, '').because).toBe('1 of 27 has left the workshop.')
  expect(recordAnswer(27, 3, '').because).toBe('3 of 27 have left the workshop.')
})
