import { planDay } from '@/core/day/dayPlan'
import { keptDaySchema } from '@/core/day/keptDay'
import { queueInput, queuePeople } from '@/core/day/pressQueue'
import type { Booking } from '@/core/morning/week'
import { counted } from '@/core/units/counted'
import { Op } from 'sequelize'
import { openDatabase } from '../database/database'
import { readRows } from '../database/readRows'
import { loadJobsUnderWay } from './jobsUnderWay'

const MINUTE_MS = 60_000
/** A day of printing that began longer ago than this is over. */
const LONGEST_MS = 24 * 60 * MINUTE_MS

const plus = (at: string, minutes: number) => new Date(Date.parse(at) + minutes * MINUTE_MS).toISOString()

/** Printing days and press queues that are not over. @param now ISO 8601 */
export async function loadBookings(now: string): Promise<Booking[]> {
  const { tables } = await openDatabase()
  const since = { startAt: { [Op.gt]: new Date(Date.parse(now) - LONGEST_MS).toISOString() } }
  const [days, queues, jobs, presses] = await Promise.all([
    readRows(tables.days, { where: since }),
    readRows(tables.queues, { where: since }),
    readRows(tables.jobs, { attributes: ['id', 'slug', 'title'] }),
    readRows(tables.presses, { attributes: ['id', 'name'] }),
  ])
  const planned = jobs.filter(({ id }) => days.some(({ jobId }) => jobId === id))
  const { read } = await loadJobsUnderWay(planned)
  return [
    ...days.flatMap(({ jobId, ...row }): Booking[] => {
      const job = planned.find(({ id }) => id === jobId)
      if (!job) return []
      const { id, setting, breaks, startAt } = keptDaySchema.parse(row)
      const plan = planDay(setting, 0, breaks)
      const press = read.find((one) => one.slug === job.slug)?.bench.press ?? null
      return [
        {
          id,
          title: job.title,
          page: `/jobs/${job.slug}/paper/day`,
          pressId: press?.pressId ?? null,
          pressName: press?.name ?? null,
          startAt,
          endAt: plus(startAt, plan.endAt),
          words: `Print ${counted(plan.sheets.length, 'pull')}`,
        },
      ]
    }),
    ...queues.map((row): Booking => {
      const input = queueInput.parse(row.input)
      return {
        id: `queue-${row.id}`,
        title: row.name,
        page: '/queue',
        // A queue names no press; where there is only one, it is that.
        pressId: presses.length === 1 ? presses[0].id : null,
        pressName: presses.length === 1 ? presses[0].name : null,
        startAt: row.startAt,
        endAt: plus(row.startAt, queuePeople(input).endMinutes),
        words: `${counted(input.people.length, 'person', 'people')} at ${counted(input.presses, 'press', 'presses')}`,
      }
    }),
  ]
}
