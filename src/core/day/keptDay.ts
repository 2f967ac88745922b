import { z } from 'zod'
import { count, label, moment } from '../units/schemas'
import { breakSchema, daySettingSchema, type SheetFacts } from './dayPlan'

/** A day as it was begun: its setting, when it began, and its breaks in minutes from then. */
export const keptDaySchema = z.strictObject({
  id: label,
  setting: daySettingSchema,
  startAt: moment,
  breaks: z.array(breakSchema).max(10, { error: 'takes at most 10 breaks' }),
  by: label,
})
export type KeptDay = z.infer<typeof keptDaySchema>

/** Something that happened to a sheet, at the device's own moment. */
export const dayEventSchema = z.strictObject({
  sheet: count.min(1),
  kind: z.enum(['in', 'lift', 'blot', 'pull']),
  at: moment,
})
export type DayEvent = z.infer<typeof dayEventSchema>

const FIELD = { in: 'inAt', lift: 'liftedAt', pull: 'pulledAt' } as const

/** Facts of each sheet, minutes from the day's beginning; said twice, the first word holds. Pulls of the job since then count in order. */
export function dayFacts(
  startAt: string,
  events: readonly DayEvent[],
  pulls: readonly string[] = [],
): SheetFacts[] {
  const start = Date.parse(startAt)
  const facts = new Map<number, SheetFacts>()
  const of = (sheet: number) => {
    const known = facts.get(sheet) ?? { sheet, inAt: null, liftedAt: null, pulledAt: null }
    facts.set(sheet, known)
    return known
  }
  const minutes = (at: string) => (Date.parse(at) - start) / 60_000
  for (const { sheet, kind, at } of events) if (kind !== 'blot') of(sheet)[FIELD[kind]] ??= minutes(at)
  for (const at of [...pulls].filter((one) => one >= startAt).sort()) {
    let sheet = 1
    while (facts.get(sheet)?.pulledAt != null) sheet++
    of(sheet).pulledAt = minutes(at)
  }
  return [...facts.values()].sort((a, b) => a.sheet - b.sheet)
}

/** How long a sheet lay between being blotted and the roller: the time that decides near saturation. */
export interface BlotToRoller {
  sheet: number
  minutes: number
}

/** Minutes from blotted to under the roller, for every sheet of which both are known. */
export function blotToRoller(
  startAt: string,
  events: readonly DayEvent[],
  facts: readonly SheetFacts[],
): BlotToRoller[] {
  return events.flatMap(({ sheet, kind, at }) => {
    const pulledAt = facts.find((one) => one.sheet === sheet)?.pulledAt
    return kind === 'blot' && pulledAt != null
      ? [{ sheet, minutes: pulledAt - (Date.parse(at) - Date.parse(startAt)) / 60_000 }]
      : []
  })
}
