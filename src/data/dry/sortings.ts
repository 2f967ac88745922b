import { numberingInput, signingOf, USUAL_SIGNING, type Numbering, type Signing } from '@/core/dry/numbering'
import type { Transaction } from 'sequelize'
import { openDatabase, write } from '../database/database'
import { FieldError } from '../database/errors'
import { readRows } from '../database/readRows'
import type { Tables } from '../database/tables'

/** Keeps how the impressions lie while they are sorted, so that nothing of it is lost before the numbers are given. */
export async function keepSorting(jobId: string, input: unknown, at: string): Promise<void> {
  const numbering = numberingInput.parse(input)
  await write(async (tables, transaction) => {
    if ((await tables.prints.count({ where: { jobId }, transaction })) > 0)
      throw new FieldError([
        { field: '', message: 'The numbers are given: take them back before sorting anew.' },
      ])
    await tables.sortings.upsert({ jobId, numbering, at }, { transaction })
  })
}

/** How the impressions were left lying; null: nobody sorted yet. */
export async function loadSorting(jobId: string): Promise<Numbering | null> {
  const { tables } = await openDatabase()
  const [row] = await readRows(tables.sortings, { where: { jobId } })
  return row ? numberingInput.parse(row.numbering) : null
}

/** How a job's prints are signed. */
export async function readSigning(
  jobId: string,
  tables: Tables,
  transaction?: Transaction,
): Promise<Signing> {
  const [row] = await readRows(tables.sortings, { where: { jobId }, transaction })
  if (!row) return USUAL_SIGNING
  return signingOf(numberingInput.parse(row.numbering))
}
