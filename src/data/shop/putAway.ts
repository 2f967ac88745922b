import { Op } from 'sequelize'
import { z } from 'zod'
import { label, positive } from '@/core/units/schemas'
import { BIN_DAYS, PLACES_OF_JOBS, type PlaceOfJob } from '@/core/prove/placeOfJob'
import { purposeFacts } from '@/core/prove/purpose'
import { changeJob } from '../across/changeJob'
import { openDatabase, write } from '../database/database'
import { deleteDangling } from '../database/dangling'
import { FieldError, NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'
import { refuseWhenNumbered } from './jobs'

export const placeOfJobSchema = z.enum(Object.keys(PLACES_OF_JOBS) as [PlaceOfJob, ...PlaceOfJob[]])

/** Lays a job on the shelf, puts it away, or into the bin; nothing of it is lost by that. */
export async function layJob(jobId: string, place: PlaceOfJob, at: string): Promise<void> {
  await write(async (tables, transaction) => {
    const [changed] = await tables.jobs.update(
      place === 'shelf' ? { putAway: null, putAwayAt: null } : { putAway: place, putAwayAt: at },
      { where: { id: jobId }, transaction },
    )
    if (changed === 0) throw new NotFoundError('This job')
  })
}

/** Offers a job where a new one is begun, or no longer: new ones take its settings over. */
export async function offerAsTemplate(jobId: string, isOffered: boolean, at: string): Promise<void> {
  await write(async (tables, transaction) => {
    const [changed] = await tables.jobs.update(
      { templateAt: isOffered ? at : null },
      { where: { id: jobId }, transaction },
    )
    if (changed === 0) throw new NotFoundError('This job')
  })
}

/**
 * Empties the bin of what lay in it for thirty days. A job that was ever pulled from is put away instead: what was printed is somebody's
 * record, and the paper it took stays taken.
 *
 * @param now ISO 8601 in UTC @returns how many jobs went for good
 */
export async function emptyBin(now: string): Promise<number> {
  return write(async (tables, transaction) => {
    const { sequelize } = await openDatabase()
    const before = new Date(Date.parse(now) - BIN_DAYS * 86_400_000).toISOString()
    const due = await readRows(tables.jobs, {
      where: { putAway: 'bin', putAwayAt: { [Op.lte]: before } },
      transaction,
    })
    const gone: string[] = []
    for (const { id } of due)
      if ((await tables.pulls.count({ where: { jobId: id }, transaction })) > 0)
        await tables.jobs.update({ putAway: 'archive' }, { where: { id }, transaction })
      else gone.push(id)
    if (gone.length === 0) return 0
    await sequelize.query('PRAGMA defer_foreign_keys = ON', { transaction })
    await tables.jobs.destroy({ where: { id: gone }, transaction })
    await deleteDangling(sequelize, transaction)
    return gone.length
  })
}

/** What a job is called and whose it is, and how many prints where that is asked. */
export const jobDetailsSchema = z.strictObject({
  title: label,
  artist: label,
  editionSize: positive
    .int({ error: 'must be a whole number' })
    .max(5000, { error: 'must be at most 5000' })
    .optional(),
})
export type JobDetails = z.infer<typeof jobDetailsSchema>

/** Says anew what a job is called, whose it is and how many prints it is to be, until its numbers are given. Its address stays. */
export async function changeJobDetails(jobId: string, revision: number, input: JobDetails): Promise<number> {
  const { title, artist, editionSize } = jobDetailsSchema.parse(input)
  return changeJob(jobId, revision, async (change) => {
    await refuseWhenNumbered(change)
    const { asksSize } = purposeFacts(change.job.purpose)
    if (asksSize !== null && editionSize === undefined)
      throw new FieldError([{ field: 'editionSize', message: 'Enter how many prints it is to be.' }])
    await change.tables.jobs.update(
      { title, artist, ...(asksSize === null ? {} : { editionSize }) },
      { where: { id: jobId }, transaction: change.transaction },
    )
  })
}
