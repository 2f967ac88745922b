import { z } from 'zod'
import { layDownSchema } from '@/core/edition/layDown'
import { label } from '@/core/units/schemas'
import { NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'
import { refuseWhenNumbered } from '../shop/jobs'
import { changeJob, type JobChange } from './changeJob'
import { isSaid, newPullSchema, pullFrom, readyBench, wasPulled, writeEvents } from './pulls'

/** A lay-down, and the print it is of: one that was begun, or a new one, whose first meeting with the slab this is. */
export const newLayDownSchema = z.strictObject({
  print: z.discriminatedUnion('is', [
    z.strictObject({ is: z.literal('begun'), pullId: label }),
    z.strictObject({ is: z.literal('new'), pull: newPullSchema }),
  ]),
  laid: layDownSchema,
  by: label,
})
export type NewLayDown = z.input<typeof newLayDownSchema>

/**
 * Writes a lay-down to its print. A new print is pulled with its first one, in the same transaction; asked for twice it is made once.
 *
 * @throws FieldError where nothing may be pulled now; NotFoundError; ConflictError
 */
export async function layDown(
  jobId: string,
  revision: number,
  input: NewLayDown,
  at: string,
): Promise<number> {
  const { print, laid, by } = newLayDownSchema.parse(input)
  const pullId = print.is === 'new' ? print.pull.id : print.pullId
  const events = [{ kind: 'laid' as const, laid }]
  const write = async (change: JobChange) => {
    await refuseWhenNumbered(change)
    if (print.is === 'new' && !(await wasPulled(change, pullId)))
      await pullFrom(change, print.pull, await readyBench(change), at)
    const where = { jobId, id: pullId }
    if ((await readRows(change.tables.pulls, { where, transaction: change.transaction })).length === 0)
      throw new NotFoundError('This print')
    await writeEvents(change, { pullId, events, by, why: '' }, at)
  }
  return changeJob(jobId, revision, write, (change) => isSaid(change, pullId, events))
}
