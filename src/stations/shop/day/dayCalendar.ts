import ical, { ICalAlarmType } from 'ical-generator'
import type { DayPlan } from '@/core/day/dayPlan'
import { oneLine } from '@/core/units/oneLine'
import { ACT_WORDS, actsToCome } from '@/core/day/nextActs'

/** Minutes an act that is a moment takes in the calendar. */
const MOMENT_MINUTES = 1

/** Writes a planned day as an iCalendar document: one event an act, with an alarm when it is due. */
export function writeDayCalendar(title: string, dayId: string, startAt: string, plan: DayPlan): string {
  const at = (minutes: number) => new Date(Date.parse(startAt) + minutes * 60_000)
  const name = oneLine(title)
  const calendar = ical({
    name: `${name}, printing day`,
    prodId: { company: 'Typothesis', product: 'printing day', language: 'EN' },
  })
  for (const { kind, sheet, at: minute } of actsToCome(plan)) {
    const event = calendar.createEvent({
      id: `${oneLine(dayId)}-${kind}-${sheet}`,
      start: at(minute),
      end: at(minute + MOMENT_MINUTES),
      stamp: new Date(startAt),
      summary: ACT_WORDS[kind](sheet),
      description: name,
    })
    event.createAlarm({ type: ICalAlarmType.display, trigger: 0, description: ACT_WORDS[kind](sheet) })
  }
  return calendar.toString()
}
