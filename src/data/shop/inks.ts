import { z } from 'zod'
import { batchContents } from '@/core/ink/mixCard'
import { shelfInkSchema, tubeSchema, type ShelfInk } from '@/core/ink/shelfInk'
import type { ShelvedThing } from '@/core/units/onShelf'
import { openDatabase, write } from '../database/database'
import { NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'
import { freeSlug } from '../database/slug'
import { loadPutAway } from './shelves'

/** An ink of the shelf with what is left of it: the last weighing less what was mixed since. */
export type StoreInk = ShelfInk & { gramsNow: number | null } & Pick<ShelvedThing, 'putAwayAt'>

/** An ink as it is brought in; its id is made of its name. */
export const newInkSchema = shelfInkSchema.omit({ id: true })
export type NewInk = z.infer<typeof newInkSchema>

/** Puts inks on the shelf, all of them or none, and answers their ids. */
export async function addInks(input: readonly NewInk[]): Promise<string[]> {
  const inks = z.array(newInkSchema).min(1).parse(input)
  return write(async (tables, transaction) => {
    const ids: string[] = []
    for (const ink of inks) {
      const id = await freeSlug(
        ink.name,
        async (slug) => (await tables.inks.count({ where: { id: slug }, transaction })) > 0,
      )
      await tables.inks.create({ ...ink, id }, { transaction })
      ids.push(id)
    }
    return ids
  })
}

/** Keeps what is known of a tube; a weighing is stamped with its moment. */
export async function keepTube(
  inkId: string,
  input: Omit<z.infer<typeof tubeSchema>, 'weighedAt'>,
  at: string,
): Promise<void> {
  const tube = tubeSchema.parse({ ...input, weighedAt: input.gramsLeft === null ? null : at })
  await write(async (tables, transaction) => {
    const [changed] = await tables.inks.update(tube, { where: { id: inkId }, transaction })
    if (changed === 0) throw new NotFoundError('This ink')
  })
}

/** The inks of the shelf, in the order they came in. */
export async function loadInks(): Promise<StoreInk[]> {
  const { sequelize, tables } = await openDatabase()
  const [inks, batches, awayAt] = await Promise.all([
    readRows(tables.inks, { order: sequelize.literal('rowid') }),
    readRows(tables.batches, {}),
    loadPutAway(),
  ])
  return inks.map((row) => {
    const ink = shelfInkSchema.parse(row)
    const { gramsLeft, weighedAt } = ink
    const used = batches
      .filter(({ madeAt }) => weighedAt !== null && madeAt > weighedAt)
      .flatMap(batchContents)
    const taken = used.filter(({ inkId }) => inkId === ink.id).reduce((sum, { grams }) => sum + grams, 0)
    return {
      ...ink,
      gramsNow: gramsLeft === null ? null : Math.max(0, gramsLeft - taken),
      putAwayAt: awayAt('inks', ink.id),
    }
  })
}
