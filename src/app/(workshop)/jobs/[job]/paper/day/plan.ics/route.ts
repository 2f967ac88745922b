import { planDay } from '@/core/day/dayPlan'
import { latestDay } from '@/data/shop/days'
import { writeDayCalendar } from '@/stations/shop/day/dayCalendar'
import { openJob } from '../../../openJob'
import { routeFor } from '@/stations/across/device/onlyFor'

/** The day that was begun, as a calendar: every act with an alarm (RFC 5545). */
async function give(_request: Request, { params }: { params: Promise<{ job: string }> }): Promise<Response> {
  const job = await openJob((await params).job)
  const kept = await latestDay(job.id)
  if (!kept) return new Response('No day is begun yet.', { status: 404 })
  const { setting, breaks, startAt, id } = kept.day
  return new Response(writeDayCalendar(job.title, id, startAt, planDay(setting, 0, breaks)), {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': `attachment; filename="${job.slug}-day.ics"`,
    },
  })
}

export const GET = routeFor('shop', give)
