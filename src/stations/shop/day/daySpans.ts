import { dayOf, timeOf, weekdayOf } from '@/core/units/moment'
import type { DayPlan } from '@/core/day/dayPlan'
import type { Span } from '@/ui/SpanDrawing'

/** A planned day as stretches in rows: the plate's above, each sheet's beneath. */
export function daySpans({ sheets }: DayPlan, pullMinutes: number): Span[] {
  return [
    ...sheets.flatMap(({ sheet, inkAt, pullAt }): Span[] => [
      { row: 'Plate', name: `ink and wipe ${sheet}`, from: inkAt, to: pullAt, shade: 'mid' },
      { row: 'Press', name: `pull ${sheet}`, from: pullAt, to: pullAt + pullMinutes, shade: 'dark' },
    ]),
    ...sheets.flatMap(({ sheet, inAt, liftAt, pullAt }): Span[] => [
      { row: `Sheet ${sheet}`, name: 'in the water', from: inAt, to: liftAt, shade: 'mid' },
      { row: `Sheet ${sheet}`, name: 'drained, blotted, waiting', from: liftAt, to: pullAt, shade: 'light' },
    ]),
  ]
}

/** Writes a moment of a day's axis as the clock on the wall shows it, with the day where that is another. @param zone of whoever looks */
export function wallClock(startAt: string, minutes: number, zone: string): string {
  const at = new Date(Date.parse(startAt) + minutes * 60_000).toISOString()
  return dayOf(at, zone) === dayOf(startAt, zone)
    ? timeOf(at, zone)
    : `${weekdayOf(at, zone)} ${timeOf(at, zone)}`
}
