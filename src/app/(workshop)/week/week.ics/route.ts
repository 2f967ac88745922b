import { writeWeekCalendar } from '@/stations/shop/week/weekCalendar'
import { viewerZone } from '../../viewerZone'
import { readWeek } from '../readWeek'
import { routeFor } from '@/stations/across/device/onlyFor'

/** The week as a calendar (RFC 5545). */
async function give(): Promise<Response> {
  const now = new Date().toISOString()
  return new Response(writeWeekCalendar(await readWeek(now, await viewerZone()), now), {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': 'attachment; filename="week.ics"',
    },
  })
}

export const GET = routeFor('shop', give)
