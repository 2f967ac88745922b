import { morningReadingsSchema, type MorningReadings } from '@/core/morning/morningSheet'
import { label } from '@/core/units/schemas'
import { openDatabase, write } from './database'

/** The one workshop a data folder holds. */
const WORKSHOP = 1

/** Keeps the morning's readings beside the earlier ones. */
export async function keepMorning(input: MorningReadings, at: string): Promise<void> {
  const readings = morningReadingsSchema.parse(input)
  await write(async (tables, transaction) => void (await tables.mornings.create({ at, readings }, { transaction })))
}

/** The newest readings, or null when there are none. */
export async function latestMorning(): Promise<{ at: string; readings: MorningReadings } | null> {
  const { tables } = await openDatabase()
  const row = (await tables.mornings.findOne({ order: [['id', 'DESC']] }))?.get({ plain: true })
  return row ? { at: row.at, readings: morningReadingsSchema.parse(row.readings) } : null
}

/** Names the workshop. */
export async function nameWorkshop(name: string, at: string): Promise<void> {
  await write(async (tables, transaction) => void (await tables.workshops.upsert({ id: WORKSHOP, name: label.parse(name), namedAt: at }, { transaction })))
}

/** The workshop's name, or null while it has none. */
export async function workshopName(): Promise<string | null> {
  const { tables } = await openDatabase()
  return (await tables.workshops.findByPk(WORKSHOP))?.get('name') as string | null ?? null
}
