import { writeWeekCalendar } from '@/stations/shop/week/weekCalendar'
import { viewerZone } from '../../viewerZone'
import { readWeek } from '../readWeek'

/** The week as a calendar (RFC 5545). */
export async function GET(): Promise<Response> {
  const now = new Date().toISOString()
  return new Response(writeWeekCalendar(await readWeek(now, await viewerZone()), now), {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': 'attachment; filename="week.ics"',
    },
  })
}
