import type { Transaction } from 'sequelize'
import type { Table } from './tables'

/** Greatest value of a numbered column among the rows that fit, or 0 when there are none. */
export async function greatest<Row extends object>(
  table: Table<Row>,
  column: keyof Row & string,
  where: Partial<Row>,
  transaction: Transaction,
): Promise<number> {
  return ((await table.max(column as never, { where: where as never, transaction })) as number | null) ?? 0
}
