import type { Transaction } from 'sequelize'
import { z } from 'zod'
import {
  custodyMoveSchema,
  keptCustodySchema,
  refuseMove,
  standingOf,
  type KeptCustody,
} from '@/core/record/custody'
import { label } from '@/core/units/schemas'
import { openDatabase, write } from '../database/database'
import { FieldError } from '../database/errors'
import { readRows } from '../database/readRows'
import type { Tables } from '../database/tables'

export const newCustodySchema = z.strictObject({ pullId: label, move: custodyMoveSchema, by: label })

/** Writes down where a signed print went. Nothing written here is ever changed: a mistake is another move. */
export async function movePrint(
  jobId: string,
  input: z.input<typeof newCustodySchema>,
  at: string,
): Promise<void> {
  const { pullId, move, by } = newCustodySchema.parse(input)
  await write(async (tables, transaction) => {
    if ((await tables.prints.count({ where: { jobId, pullId }, transaction })) === 0)
      throw new FieldError([{ field: 'pullId', message: 'Only a numbered print has a custody.' }])
    const moves = await custodyOf(jobId, { tables, transaction })
    const reason = refuseMove(standingOf(moves, pullId), move)
    if (reason) throw new FieldError([{ field: 'kind', message: reason }])
    await tables.custody.create({ jobId, pullId, move, at, by }, { transaction })
  })
}

/** All that was written down of a job's prints, oldest first. */
export async function loadCustody(jobId: string): Promise<KeptCustody[]> {
  return custodyOf(jobId, await openDatabase())
}

/** The same within a write. */
export async function custodyOf(
  jobId: string,
  { tables, transaction }: { tables: Tables; transaction?: Transaction },
): Promise<KeptCustody[]> {
  return (await readRows(tables.custody, { where: { jobId }, order: ['id'], transaction })).map(
    ({ jobId: _, id: __, ...row }) => keptCustodySchema.parse(row),
  )
}
