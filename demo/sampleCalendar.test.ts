import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { closeDatabase } from '@/data/database/database'
import { listJobs, loadJob } from '@/data/shop/jobs'
import { latestMorning } from '@/data/shop/mornings'
import { daysToMove, movedBy, SAMPLE_ENDS } from './sampleCalendar'
import { sampleFolder } from './sampleFolder.test.fixture'
import { freshStore, storeMovedBy } from './starterStore'

const sample = sampleFolder()

/** Moments at which something was done in the sample. */
async function moments(): Promise<string[]> {
  process.env.TYPOTHESIS_DATA = sample()
  const jobs = await Promise.all((await listJobs()).map(({ slug }) => loadJob(slug)))
  const done = jobs.flatMap(({ pulls, plateStates }) => [
    ...plateStates.map(({ openedAt }) => openedAt),
    ...pulls.flatMap(({ pulledAt, events }) => [pulledAt, ...events.map(({ at }) => at)]),
  ])
  const morning = await latestMorning()
  await closeDatabase()
  return [...done, ...(morning ? [morning.at] : [])].sort()
}

describe('the days of the sample', () => {
  it('end where they are said to: nothing was done after it, and something on its last day', async () => {
    const last = (await moments()).at(-1)!
    expect(last <= SAMPLE_ENDS).toBe(true)
    expect(last.slice(0, 10)).toBe(SAMPLE_ENDS.slice(0, 10))
  })
  it('moved end now at the latest, and less than a day before (property)', () => {
    fc.assert(
      fc.property(
        fc.date({ min: new Date('2026-03-07'), max: new Date('2090-01-01'), noInvalidDate: true }),
        (now) => {
          const end = movedBy(daysToMove(now.toISOString()), SAMPLE_ENDS)
          expect(Date.parse(end)).toBeLessThanOrEqual(now.getTime())
          expect(now.getTime() - Date.parse(end)).toBeLessThan(86_400_000)
        },
      ),
    )
  })
  it('keep their distances, days and moments alike', () => {
    expect(movedBy(3, '2026-02-27')).toBe('2026-03-02')
    expect(movedBy(3, '2026-02-27T16:00:00.000Z')).toBe('2026-03-02T16:00:00.000Z')
    const [ink] = storeMovedBy(10).inks
    expect([ink.openedOn, ink.weighedAt]).toEqual(['2026-01-30', '2026-02-11T09:00:00.000Z'])
  })
})

it('a store to begin with claims no age of anything', () => {
  const { inks, blankets } = freshStore('2031-05-02T09:00:00.000Z')
  expect(new Set(inks.map(({ openedOn }) => openedOn))).toEqual(new Set([null]))
  expect(new Set(blankets.map(({ since }) => since))).toEqual(new Set([null]))
})
