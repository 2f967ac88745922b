import type { FindOptions } from 'sequelize'
import type { Table } from './tables'

/** Rows of a table as plain objects, their documents unpacked. */
export async function readRows<Row extends object>(
  table: Table<Row>,
  options: FindOptions<Row>,
): Promise<Row[]> {
  return (await table.findAll(options)).map((row) => row.get({ plain: true }))
}
