import { dayEventSchema, keptDaySchema, type DayEvent, type KeptDay } from '@/core/day/keptDay'
import { label } from '@/core/units/schemas'
import { openDatabase, write } from '../database/database'
import { FieldError, NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'

/** Begins a day of a job; the id, made by the device, keeps it from being begun twice. */
export async function beginDay(jobId: string, input: KeptDay): Promise<void> {
  const day = keptDaySchema.parse(input)
  await write(async (tables, transaction) => {
    if ((await tables.days.count({ where: { id: day.id }, transaction })) > 0) return
    if ((await tables.jobs.count({ where: { id: jobId }, transaction })) === 0)
      throw new NotFoundError('This job')
    await tables.days.create({ ...day, jobId }, { transaction })
  })
}

/** Adds what happened to a sheet. Said again it changes nothing: two devices may press the same button. */
export async function addDayEvent(dayId: string, input: DayEvent, by: string): Promise<void> {
  const event = dayEventSchema.parse(input)
  await write(async (tables, transaction) => {
    const [day] = await readRows(tables.days, { where: { id: dayId }, transaction })
    if (!day) throw new NotFoundError('This day')
    if (event.sheet > day.setting.pulls)
      throw new FieldError([{ field: 'sheet', message: `this day has ${day.setting.pulls} sheets` }])
    const said = await readRows(tables.day_events, { where: { dayId, sheet: event.sheet }, transaction })
    if (said.some(({ kind }) => kind === event.kind)) return
    if (event.kind === 'lift' && !said.some(({ kind }) => kind === 'in'))
      throw new FieldError([{ field: 'sheet', message: `sheet ${event.sheet} is not in the water` }])
    await tables.day_events.create({ dayId, ...event, by: label.parse(by) }, { transaction })
  })
}

/** Takes the newest event of a day back: a knuckle too many costs nothing. */
export async function takeDayEventBack(dayId: string): Promise<void> {
  await write(async (tables, transaction) => {
    const [last] = await readRows(tables.day_events, {
      where: { dayId },
      order: [['id', 'DESC']],
      limit: 1,
      transaction,
    })
    if (last) await tables.day_events.destroy({ where: { id: last.id }, transaction })
  })
}

/** The newest day of a job with what happened on it, or null. */
export async function latestDay(jobId: string): Promise<{ day: KeptDay; events: DayEvent[] } | null> {
  const { tables } = await openDatabase()
  const [row] = await readRows(tables.days, { where: { jobId }, order: [['startAt', 'DESC']], limit: 1 })
  if (!row) return null
  const { jobId: _, ...day } = row
  const events = await readRows(tables.day_events, { where: { dayId: row.id }, order: ['id'] })
  return {
    day: keptDaySchema.parse(day),
    events: events.map(({ sheet, kind, at }) => dayEventSchema.parse({ sheet, kind, at })),
  }
}
