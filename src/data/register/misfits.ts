import { keptMisfitSchema, type KeptMisfit } from '@/core/register/misfitHistory'
import { openDatabase, write } from '../database/database'
import { readRows } from '../database/readRows'

/** Keeps a measured misfit with its plate. */
export async function keepMisfit(jobId: string, input: Omit<KeptMisfit, 'at'>, at: string): Promise<void> {
  const misfit = keptMisfitSchema.parse({ ...input, at })
  await write(
    async (tables, transaction) => void (await tables.misfits.create({ jobId, ...misfit }, { transaction })),
  )
}

/** What was measured of a job's plates, oldest first. */
export async function loadMisfits(jobId: string): Promise<KeptMisfit[]> {
  const { tables } = await openDatabase()
  return (await readRows(tables.misfits, { where: { jobId }, order: ['id'] })).map(
    ({ plate, marks, at, by }) => keptMisfitSchema.parse({ plate, marks, at, by }),
  )
}
