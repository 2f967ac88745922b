import { describe, expect, test } from 'vitest'
import { jobsAnswer } from './answers'

describe('jobsAnswer', () => {
  test('says how many lie where, and how many of them are meant', () => {
    expect(jobsAnswer({ find: '', place: 'shelf' }, 3, 3).says).toBe('3 jobs on the shelf')
    expect(jobsAnswer({ find: 'reed', place: 'archive' }, 1, 4).says).toBe('1 of 4 jobs put away with “reed”')
    expect(jobsAnswer({ find: '', place: 'bin' }, 0, 0).says).toBe('No job is in the bin')
    expect(jobsAnswer({ find: '', place: 'bin' }, 1, 1).because).toContain('30 days')
  })
})
