import { QueryTypes, type Sequelize, type Transaction } from 'sequelize'
import { z } from 'zod'
import { goesAt } from '@/core/prove/placeOfJob'
import { label } from '@/core/units/schemas'
import { deleteDangling } from '../database/dangling'
import { openDatabase, write } from '../database/database'
import { NotFoundError } from '../database/errors'
import type { ShelfName } from '../database/migrations/m0022Shelves'
import { readRows } from '../database/readRows'
import type { Table } from '../database/tables'

export const SHELF_NAMES = ['inks', 'papers', 'presses', 'packs'] as const satisfies readonly ShelfName[]

export const layThingSchema = z.strictObject({
  shelf: z.enum(SHELF_NAMES),
  thing: label,
  /** put away, or back on its shelf */
  isAway: z.boolean(),
})
export type LayThing = z.infer<typeof layThingSchema>

/** Tables that say nothing of what a shelf's thing was used for. */
const SAYS_NOTHING = new Set(['put_away', 'acts', 'migrations'])

/** When each thing that is put away was, by shelf and id. */
export async function loadPutAway(): Promise<(shelf: ShelfName, thing: string) => string | null> {
  const { tables } = await openDatabase()
  const moments = new Map(
    (await readRows(tables.put_away, {})).map(({ shelf, thing, at }) => [`${shelf} ${thing}`, at]),
  )
  return (shelf, thing) => moments.get(`${shelf} ${thing}`) ?? null
}

/** Puts a thing away, so that no job is offered it, or back on its shelf; jobs that have it keep it. @throws NotFoundError */
export async function layThing(input: LayThing, at: string): Promise<void> {
  const { shelf, thing, isAway } = layThingSchema.parse(input)
  await write(async (tables, transaction) => {
    if (!(await (tables[shelf] as Table<{ id: string }>).findByPk(thing, { transaction })))
      throw new NotFoundError('What you mean')
    await tables.put_away.destroy({ where: { shelf, thing }, transaction })
    if (isAway) await tables.put_away.create({ shelf, thing, at }, { transaction })
  })
}

/** Whether anything in the workshop speaks of a thing: a job, a pull, a book, another thing. */
async function isSpokenOf(
  of: Sequelize,
  { shelf, thing }: { shelf: ShelfName; thing: string },
  transaction?: Transaction,
): Promise<boolean> {
  // Settings say the layers of a set of blankets, and what it is called.
  const { tables } = await openDatabase()
  const row = shelf === 'packs' ? await tables.packs.findByPk(thing, { transaction }) : null
  const called = (row?.get('name') as string | undefined) ?? thing
  const ask = <R extends object>(sql: string) =>
    // Quoted, as documents have it; a column may hold an id by itself.
    of.query<R>(sql, {
      type: QueryTypes.SELECT,
      transaction,
      replacements: { thing, quoted: JSON.stringify(thing), called: JSON.stringify(called) },
    })
  const columns = await ask<{ table: string; column: string }>(
    `SELECT m.name AS "table", c.name AS "column" FROM sqlite_master m, pragma_table_info(m.name) c
     WHERE m.type = 'table' AND m.name NOT LIKE 'sqlite_%' AND upper(c.type) IN ('TEXT', 'JSON')`,
  )
  for (const { table, column } of columns) {
    if (SAYS_NOTHING.has(table)) continue
    const notItself = table === shelf ? 'id <> :thing AND ' : ''
    const said = await ask(
      `SELECT 1 FROM "${table}" WHERE ${notItself}("${column}" = :thing OR instr("${column}", :quoted) > 0 OR instr("${column}", :called) > 0) LIMIT 1`,
    )
    if (said.length > 0) return true
  }
  return false
}

/** What becomes of things that are put away: those nothing speaks of go for good after thirty days, all others stay. @returns the moment each goes, by shelf and id; null: it stays */
export async function whatGoes(): Promise<Record<string, string | null>> {
  const { sequelize, tables } = await openDatabase()
  const goes: Record<string, string | null> = {}
  for (const away of await readRows(tables.put_away, {}))
    goes[`${away.shelf} ${away.thing}`] = (await isSpokenOf(sequelize, away)) ? null : goesAt(away.at)
  return goes
}

/** Lets go of what lay put away for thirty days and nothing speaks of. @param now ISO 8601 in UTC @returns how many things went */
export async function emptyShelves(now: string): Promise<number> {
  return write(async (tables, transaction) => {
    const { sequelize } = await openDatabase()
    let gone = 0
    for (const { shelf, thing, at } of await readRows(tables.put_away, { transaction })) {
      if (goesAt(at) > now || (await isSpokenOf(sequelize, { shelf, thing }, transaction))) continue
      await sequelize.query('PRAGMA defer_foreign_keys = ON', { transaction })
      await (tables[shelf] as Table<{ id: string }>).destroy({ where: { id: thing }, transaction })
      await tables.put_away.destroy({ where: { shelf, thing }, transaction })
      gone += 1
    }
    if (gone > 0) await deleteDangling(sequelize, transaction)
    return gone
  })
}
