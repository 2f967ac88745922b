import { QueryTypes, type Sequelize, type Transaction } from 'sequelize'

/** Deletes what speaks of what is gone, until nothing does. References are to be checked at the end of the transaction. */
export async function deleteDangling(of: Sequelize, transaction: Transaction): Promise<void> {
  for (;;) {
    const dangling = await of.query<{ table: string; rowid: number }>('PRAGMA foreign_key_check', {
      type: QueryTypes.SELECT,
      transaction,
    })
    if (dangling.length === 0) return
    for (const { table, rowid } of dangling)
      await of.query(`DELETE FROM "${table}" WHERE rowid = ?`, { transaction, replacements: [rowid] })
  }
}
