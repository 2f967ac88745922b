import type { Transaction } from 'sequelize'
import { benchSchema, type Bench } from '@/core/prove/settings'
import { write } from '../database/database'
import { ConflictError, NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'
import type { JobRow, Tables } from '../database/tables'

/** What a change to a job works with: all of it inside one transaction. */
export interface JobChange {
  job: JobRow
  tables: Tables
  transaction: Transaction
}

/**
 * Changes a job in one transaction, if nobody changed it since `revision` was read.
 *
 * @param isDone answers true when this very change was already made: a retry after a lost answer then changes nothing
 * @returns the job's revision after the change
 * @throws NotFoundError, ConflictError, and what `act` throws; nothing is written then
 */
export async function changeJob(
  jobId: string,
  revision: number,
  act: (change: JobChange) => Promise<void>,
  isDone?: (change: JobChange) => Promise<boolean>,
): Promise<number> {
  return write(async (tables, transaction) => {
    const [job] = await readRows(tables.jobs, { where: { id: jobId }, transaction })
    if (!job) throw new NotFoundError('This job')
    const change = { job, tables, transaction }
    if (await isDone?.(change)) return job.revision
    if (job.revision !== revision) throw new ConflictError()
    await act(change)
    await tables.jobs.update({ revision: revision + 1 }, { where: { id: jobId }, transaction })
    return revision + 1
  })
}

/** The bench of the run at work, as it stands within a change. */
export async function benchOf({ job, tables, transaction }: JobChange): Promise<Bench> {
  const [run] = await readRows(tables.runs, {
    where: { jobId: job.id, position: job.openRun },
    transaction,
  })
  if (!run) throw new NotFoundError('This run')
  return benchSchema.parse(run.bench)
}

/** Sets the bench of the run at work within a change. */
export async function setBench({ job, tables, transaction }: JobChange, bench: Bench): Promise<void> {
  await tables.runs.update({ bench }, { where: { jobId: job.id, position: job.openRun }, transaction })
}
