import { Op, type Transaction } from 'sequelize'
import { filedPullSchema } from '@/core/record/jobFile'
import { isFollowed, whyKept, withdrawalSchema, type Withdrawal } from '@/core/record/withdrawal'
import type { SetAside } from '@/core/document/setAside'
import { FieldError, NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'
import type { JobRow, Tables } from '../database/tables'
import { readJobRecord } from '../record/jobRecord'
import { changeJob } from './changeJob'

interface Within {
  job: JobRow
  tables: Tables
  transaction: Transaction
}

/** Whether a pull of this id was made and withdrawn: one sent again after a lost answer is not made again. */
export const wasWithdrawn = async ({ job, tables, transaction }: Within, id: string): Promise<boolean> =>
  (await tables.withdrawn_pulls.count({ where: { jobId: job.id, id }, transaction })) > 0

/** Where something set aside stands once the pull at a place is among the withdrawn. */
function movedAside({ path, value }: SetAside, at: number, among: number): SetAside {
  const [list, place, ...rest] = path
  if (list !== 'pulls' || typeof place !== 'number' || place < at) return { path, value }
  return { path: place === at ? ['withdrawn', among, ...rest] : ['pulls', place - 1, ...rest], value }
}

/**
 * Takes a pull out of everything that counts pulls, and keeps it whole beside them. Its sheet and, if it was the last, its number are free
 * again.
 *
 * @throws NotFoundError; FieldError when something stands on it, or when it was followed by another and nobody said why
 */
export async function withdrawWithin(
  within: Within,
  { pullId, why, by }: Withdrawal,
  at: string,
): Promise<void> {
  const { job, tables, transaction } = within
  const jobId = job.id
  const record = await readJobRecord(job, tables, transaction)
  const place = record.pulls.findIndex(({ id }) => id === pullId)
  if (place < 0) throw new NotFoundError('This pull')
  const kept = whyKept(record.pulls[place], record)
  if (kept) throw new FieldError([{ field: '', message: `It stays: ${kept}` }])
  if (!why && isFollowed(pullId, record.pulls))
    throw new FieldError([{ field: 'why', message: 'Enter a reason: another was pulled after it.' }])
  const { events: _, ...pull } = filedPullSchema.parse(record.pulls[place])
  await tables.withdrawn_pulls.create({ ...pull, jobId, at, by, why }, { transaction })
  await tables.pulls.destroy({ where: { jobId, id: pullId }, transaction })
  // Places count the pulls of a job without gaps. They are unique at every moment, so they go by way of their negatives.
  await tables.pulls.sequelize!.query('UPDATE pulls SET place = 1 - place WHERE jobId = ? AND place > ?', {
    replacements: [jobId, place + 1],
    transaction,
  })
  await tables.pulls.sequelize!.query('UPDATE pulls SET place = -place WHERE jobId = ? AND place < 0', {
    replacements: [jobId],
    transaction,
  })
  // A facing says after how many pulls it came: those since then had this one among them.
  await tables.facings.decrement('afterPulls', {
    where: { jobId, at: { [Op.gte]: pull.pulledAt }, afterPulls: { [Op.gt]: 0 } },
    transaction,
  })
  for (const { id, aside } of await readRows(tables.set_aside, { where: { jobId }, transaction })) {
    const moved = movedAside(aside, place, record.withdrawn.length)
    if (JSON.stringify(moved) !== JSON.stringify(aside))
      await tables.set_aside.update({ aside: moved }, { where: { id }, transaction })
  }
}

/** Withdraws a pull that was none. Asked twice, it is done once. @throws as `changeJob` and `withdrawWithin` */
export async function withdrawPull(
  jobId: string,
  revision: number,
  input: Withdrawal,
  at: string,
): Promise<number> {
  const withdrawal = withdrawalSchema.parse(input)
  return changeJob(
    jobId,
    revision,
    (change) => withdrawWithin(change, withdrawal, at),
    (change) => wasWithdrawn(change, withdrawal.pullId),
  )
}
