import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { isMeant, JOB_ORDERS, listedJobs, type JobOrder, type ListedJob } from './jobList'
import { PLACES_OF_JOBS, type PlaceOfJob } from './placeOfJob'

const job = fc.record<ListedJob>({
  title: fc.constantFrom('Reeds', 'reeds', 'Withies 2', 'Withies 10', 'Tide'),
  artist: fc.constantFrom('Ida Quill', 'Oona Fell'),
  createdAt: fc.constantFrom('2031-05-02', '2031-05-03', '2031-06-01'),
  lastAt: fc.constantFrom('2031-05-02', '2031-07-03', '2031-06-01'),
  putAway: fc.constantFrom('archive', 'bin', null),
})
const orders = Object.keys(JOB_ORDERS) as JobOrder[]
const places = Object.keys(PLACES_OF_JOBS) as PlaceOfJob[]

describe('a list of jobs', () => {
  test('every job lies in one place, and every order shows the same jobs', () => {
    fc.assert(
      fc.property(fc.array(job, { maxLength: 12 }), (jobs) => {
        for (const order of orders) {
          const all = places.flatMap((place) => listedJobs(jobs, { find: '', place, order }))
          expect(all).toHaveLength(jobs.length)
          expect(new Set(all)).toEqual(new Set(jobs))
        }
      }),
    )
  })
  test('by time the newest comes first, by title numbers count as numbers', () => {
    fc.assert(
      fc.property(fc.array(job, { maxLength: 12 }), (jobs) => {
        const last = listedJobs(jobs, { find: '', place: 'shelf', order: 'last' }).map(({ lastAt }) => lastAt)
        expect(last).toEqual([...last].sort().reverse())
      }),
    )
    const plain = { artist: 'Ida Quill', createdAt: '', lastAt: '', putAway: null }
    const titles = ['Withies 10', 'Withies 2', 'Reeds'].map((title) => ({ ...plain, title }))
    expect(
      listedJobs(titles, { find: '', place: 'shelf', order: 'title' }).map(({ title }) => title),
    ).toEqual(['Reeds', 'Withies 2', 'Withies 10'])
  })
  test('a job is meant by a part of its title or of its artist, however written', () => {
    expect(isMeant({ title: 'Reeds at dusk', artist: 'Ida Quill' }, ' DUSK ')).toBe(true)
    expect(isMeant({ title: 'Reeds', artist: 'Ida Quill' }, 'quill')).toBe(true)
    expect(isMeant({ title: 'Reeds', artist: 'Ida Quill' }, 'fell')).toBe(false)
  })
})
