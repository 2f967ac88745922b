import type { ModelAttributes, QueryInterface, Transaction } from 'sequelize'

/** One change of the database's shape, said once: it lays the columns down, and the models are made of the sum of all changes. */
export interface Migration {
  name: string
  /** columns by table: a table not seen before is made, a known one gets them added (each then needs a default or takes null) */
  columns: Readonly<Record<string, ModelAttributes>>
  indexes?: readonly (readonly [table: string, fields: string[], unique: boolean])[]
  /** carries what is there over into the new shape */
  carry?: (queries: QueryInterface, transaction: Transaction) => Promise<void>
}

/** Sequelize writes into the columns it is given, so that each use gets copies of its own. */
const copied = (columns: ModelAttributes): ModelAttributes =>
  Object.fromEntries(
    Object.entries(columns).map(([name, column]) => [name, { ...(column as object) }]),
  ) as ModelAttributes

/** Lays one change down, given the tables that were there before it. */
export async function layDown(
  { columns, indexes = [], carry }: Migration,
  known: ReadonlySet<string>,
  queries: QueryInterface,
  transaction: Transaction,
): Promise<void> {
  for (const [table, added] of Object.entries(columns)) {
    if (!known.has(table)) await queries.createTable(table, copied(added), { transaction })
    else
      for (const [name, column] of Object.entries(copied(added)))
        await queries.addColumn(table, name, column as never, { transaction })
  }
  for (const [table, fields, unique] of indexes)
    await queries.addIndex(table, fields, { unique, transaction })
  await carry?.(queries, transaction)
}

/** Columns of every table after all the changes given. */
export function sumOfColumns(migrations: readonly Migration[]): Record<string, ModelAttributes> {
  const tables: Record<string, ModelAttributes> = {}
  for (const { columns } of migrations)
    for (const [table, added] of Object.entries(columns))
      tables[table] = { ...tables[table], ...copied(added) }
  return tables
}
