import { hasName } from '@/core/units/byName'
import { QueryTypes, Transaction, type ModelAttributes, type QueryInterface, type Sequelize } from 'sequelize'
import type { Column } from './columns'

/** One change of the database's shape, said once: it lays the columns down, and the models are made of the sum of all changes. */
export interface Migration {
  name: string
  /** columns by table: a table not seen before is made, a known one gets them added (each then needs a default or takes null) */
  columns: Readonly<Record<string, Readonly<Record<string, Column<unknown>>>>>
  indexes?: [table: string, fields: string[], unique: boolean][]
  /** columns that go once what they held is carried over */
  drops?: Readonly<Record<string, readonly string[]>>
  /** carries what is there over into the new shape; done twice, it does no more than done once */
  carry?: (queries: QueryInterface, transaction: Transaction) => Promise<void>
}

/** The workshop was last opened by a later release: nothing in it was touched. */
export class LaterReleaseError extends Error {
  constructor(readonly unknown: string[]) {
    super(
      `This workshop was last opened by a later Typothesis (it knows ${unknown.join(', ')}, and this one does not). Nothing in it was changed: open it with the later one.`,
    )
    this.name = 'LaterReleaseError'
  }
}

/** Table in which each change is noted once it is laid down. */
const NOTES = 'migrations'

/** Sequelize writes into the columns it is given, so that each use gets copies of its own. */
const copied = (columns: Readonly<Record<string, Column<unknown>>>): ModelAttributes =>
  Object.fromEntries(
    Object.entries(columns).map(([name, column]) => [name, { ...column }]),
  ) as ModelAttributes

const namesIn = async (sequelize: Sequelize, sql: string, transaction?: Transaction): Promise<string[]> =>
  (await sequelize.query<{ name: string }>(sql, { type: QueryTypes.SELECT, transaction })).map(
    ({ name }) => name,
  )

/** Lays one change down; what of it is there already, from a change that was cut off before its note, stays as it is. */
export async function layDown(
  { columns, indexes = [], drops = {}, carry }: Migration,
  queries: QueryInterface,
  transaction: Transaction,
): Promise<void> {
  const there = (sql: string) => namesIn(queries.sequelize, sql, transaction)
  for (const [table, added] of Object.entries(columns)) {
    const known = await there(`PRAGMA table_info("${table}")`)
    if (known.length === 0) await queries.createTable(table, copied(added), { transaction })
    else
      for (const [name, column] of Object.entries(copied(added)))
        if (!known.includes(name)) await queries.addColumn(table, name, column as never, { transaction })
  }
  for (const [table, fields, unique] of indexes) {
    const name = `${table}_${fields.map((field) => field.replace(/[A-Z]/g, (c) => `_${c.toLowerCase()}`)).join('_')}`
    if (!(await there(`PRAGMA index_list("${table}")`)).includes(name))
      await queries.addIndex(table, fields, { unique, name, transaction })
  }
  const dropped = await Promise.all(
    Object.entries(drops).map(async ([table, names]) => {
      const known = await there(`PRAGMA table_info("${table}")`)
      return names.filter((name) => known.includes(name)).map((name) => [table, name] as const)
    }),
  )
  // What a change that was cut off had dropped already was carried over before that.
  if (Object.keys(drops).length === 0 || dropped.flat().length > 0) await carry?.(queries, transaction)
  for (const [table, name] of dropped.flat())
    await queries.sequelize.query(`ALTER TABLE "${table}" DROP COLUMN "${name}"`, { transaction })
}

/**
 * Brings a database up to the newest shape. Each change and its note are one transaction: whenever the power goes, a change is there
 * with its note or not at all.
 *
 * @param before what is done once, before the first change of a database that holds something, given that change's name
 * @throws LaterReleaseError when a change is noted that this release does not know; nothing is touched then
 */
export async function bringUp(
  sequelize: Sequelize,
  migrations: readonly Migration[],
  before?: (change: string) => Promise<void>,
): Promise<void> {
  const isNoted = (
    await namesIn(sequelize, `SELECT name FROM sqlite_master WHERE type = 'table' AND name = '${NOTES}'`)
  ).length
  const noted = new Set(isNoted ? await namesIn(sequelize, `SELECT name FROM "${NOTES}"`) : [])
  const unknown = [...noted].filter((name) => !hasName(migrations, name))
  if (unknown.length > 0) throw new LaterReleaseError(unknown.sort())
  // A confirmed write survives the process: it is in the log, and on the disk, before the answer leaves.
  await sequelize.query('PRAGMA journal_mode = WAL')
  await sequelize.query(
    `CREATE TABLE IF NOT EXISTS "${NOTES}" (name VARCHAR(255) NOT NULL PRIMARY KEY UNIQUE)`,
  )
  const first = migrations.find(({ name }) => !noted.has(name))
  if (first && noted.size > 0) await before?.(first.name)
  for (const migration of migrations) {
    if (noted.has(migration.name)) continue
    await sequelize.transaction({ type: Transaction.TYPES.IMMEDIATE }, async (transaction) => {
      await layDown(migration, sequelize.getQueryInterface(), transaction)
      await sequelize.query(`INSERT INTO "${NOTES}" (name) VALUES (?)`, {
        replacements: [migration.name],
        transaction,
      })
    })
  }
}

/** Columns of every table after all the changes given. */
export function sumOfColumns(migrations: readonly Migration[]): Record<string, ModelAttributes> {
  const tables: Record<string, ModelAttributes> = {}
  for (const { columns, drops = {} } of migrations) {
    for (const [table, added] of Object.entries(columns))
      tables[table] = { ...tables[table], ...copied(added) }
    for (const [table, names] of Object.entries(drops)) for (const name of names) delete tables[table][name]
  }
  return tables
}
