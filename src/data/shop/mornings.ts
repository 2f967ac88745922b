import { morningReadingsSchema, type MorningReadings } from '@/core/morning/morningSheet'
import { label } from '@/core/units/schemas'
import { openDatabase, write } from '../database/database'
import { readRows } from '../database/readRows'

/** The one workshop a data folder holds. */
const WORKSHOP = 1

/** Keeps the morning's readings beside the earlier ones. */
export async function keepMorning(input: MorningReadings, at: string): Promise<void> {
  const readings = morningReadingsSchema.parse(input)
  await write(
    async (tables, transaction) => void (await tables.mornings.create({ at, readings }, { transaction })),
  )
}

/** A morning's readings and when they were read. */
export interface Morning {
  at: string
  readings: MorningReadings
}

/** The newest readings, at most so many, the newest first. */
export async function latestMornings(most: number): Promise<Morning[]> {
  const { tables } = await openDatabase()
  return (await readRows(tables.mornings, { order: [['id', 'DESC']], limit: most })).map(
    ({ at, readings }) => ({ at, readings: morningReadingsSchema.parse(readings) }),
  )
}

/** The newest readings, or null when there are none. */
export async function latestMorning(): Promise<Morning | null> {
  return (await latestMornings(1))[0] ?? null
}

/** Names the workshop. */
export async function nameWorkshop(name: string, at: string): Promise<void> {
  await write(
    async (tables, transaction) =>
      void (await tables.workshops.upsert(
        { id: WORKSHOP, name: label.parse(name), namedAt: at },
        { transaction },
      )),
  )
}

/** The workshop's name, or null while it has none. */
export async function workshopName(): Promise<string | null> {
  const { tables } = await openDatabase()
  return ((await tables.workshops.findByPk(WORKSHOP))?.get('name') as string | null) ?? null
}
