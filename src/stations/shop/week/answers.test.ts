import { describe, expect, it } from 'vitest'
import type { WeekDay, WeekEntry } from '@/core/morning/week'
import { jobAsks, weekAnswer } from './answers'

const entry = (more: Partial<WeekEntry>): WeekEntry => ({
  id: 'a',
  at: '2031-05-03T08:00:00.000Z',
  endAt: null,
  title: 'Mooring posts',
  words: 'Print 12 pulls',
  page: '/jobs/mooring-posts/paper/day',
  isDue: false,
  clash: null,
  ...more,
})
const week = (...entries: WeekEntry[]): WeekDay[] => [{ day: '2031-05-03', weekday: 'Sat', entries }]

describe('what the week says first', () => {
  it('is a clash, then what comes next, then that there is nothing', () => {
    expect(weekAnswer(week(), 'Etc/UTC').says).toContain('Nothing is laid down')
    expect(weekAnswer(week(entry({})), 'Etc/UTC')).toMatchObject({
      says: 'Sat 08:00: Mooring posts',
      because: 'Print 12 pulls. Nothing else this week.',
    })
    expect(weekAnswer(week(entry({ isDue: true }), entry({ id: 'b' })), 'Etc/UTC')).toMatchObject({
      says: 'Now: Mooring posts',
      because: 'Print 12 pulls. 1 thing more this week.',
    })
    expect(
      weekAnswer(
        week(entry({}), entry({ id: 'b', title: 'Samphire', clash: 'Mooring posts wants it' })),
        'Etc/UTC',
      ).says,
    ).toBe('◆ Two want one press: Samphire, Sat 08:00')
  })
  it('a job asks for what its phase wants', () => {
    const job = { proofs: 0, accepted: 10, purpose: 'edition' as const, editionSize: 24 }
    expect(jobAsks({ ...job, phase: 'proving' }).words).toBe('pull the first proof')
    expect(jobAsks({ ...job, phase: 'proving', proofs: 3 }).words).toBe('pull proof 4, or approve one')
    expect(jobAsks({ ...job, phase: 'edition' })).toEqual({
      words: '14 prints to accept',
      station: 'edition',
    })
    const test = { ...job, accepted: 0, purpose: 'test' as const }
    expect(jobAsks({ ...test, phase: 'edition' })).toEqual({ words: '1 print to pull', station: 'prove' })
    expect(jobAsks({ ...test, accepted: 1, phase: 'sorting' }).words).toBe('dry and sign 1')
    expect(jobAsks({ ...job, phase: 'sorting' })).toEqual({ words: 'sort and number 10', station: 'dry' })
  })
})
