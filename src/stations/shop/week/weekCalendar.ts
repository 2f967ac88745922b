import ical, { ICalAlarmType } from 'ical-generator'
import type { WeekDay } from '@/core/morning/week'
import { oneLine } from '@/core/units/oneLine'

/** Minutes an act that is a moment takes in the calendar. */
const MOMENT_MINUTES = 15

/** Writes the week as an iCalendar document (RFC 5545): one event an entry, with an alarm when it begins. @param now ISO 8601 */
export function writeWeekCalendar(week: readonly WeekDay[], now: string): string {
  const calendar = ical({
    name: 'The week in the shop',
    prodId: { company: 'Typothesis', product: 'week', language: 'EN' },
  })
  for (const { id, at, endAt, title, words, clash } of week.flatMap(({ entries }) => entries)) {
    const summary = `${oneLine(title)}: ${oneLine(words)}`
    const event = calendar.createEvent({
      id: oneLine(id),
      start: new Date(at),
      end: endAt ? new Date(endAt) : new Date(Date.parse(at) + MOMENT_MINUTES * 60_000),
      stamp: new Date(now),
      summary,
      ...(clash ? { description: oneLine(clash) } : {}),
    })
    event.createAlarm({ type: ICalAlarmType.display, trigger: 0, description: summary })
  }
  return calendar.toString()
}
