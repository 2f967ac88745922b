import { unlockSchema, type Unlock } from '@/core/record/jobFile'
import { label } from '@/core/units/schemas'
import { changeJob } from '../across/changeJob'
import { openDatabase } from '../database/database'
import { FieldError } from '../database/errors'
import { readRows } from '../database/readRows'

/** Takes the numbers of an edition back, so that it can be sorted anew: what they were stays written, with who and why. A print that left the workshop keeps its number. */
export async function unlockNumbers(
  jobId: string,
  revision: number,
  input: { why: string; by: string },
  at: string,
): Promise<number> {
  const why = input.why.trim()
  const by = label.safeParse(input.by)
  const missing = [
    ...(why ? [] : [{ field: 'why', message: 'Enter a reason. The earlier numbers are kept in the log.' }]),
    ...(by.success ? [] : [{ field: 'by', message: by.error.issues[0].message }]),
  ]
  if (!by.success || missing.length > 0) throw new FieldError(missing)
  return changeJob(jobId, revision, async ({ tables, transaction }) => {
    const prints = await readRows(tables.prints, { where: { jobId }, order: ['place'], transaction })
    if (prints.length === 0) throw new FieldError([{ field: '', message: 'No numbers are given.' }])
    if ((await tables.custody.count({ where: { jobId }, transaction })) > 0)
      throw new FieldError([
        { field: '', message: 'A print has left the workshop under its number: the numbers stay.' },
      ])
    await tables.unlocks.create(
      { jobId, marks: prints.map(({ mark, pullId }) => ({ mark, pullId })), why, by: by.data, at },
      { transaction },
    )
    await tables.prints.destroy({ where: { jobId }, transaction })
  })
}

/** Numbers that were taken back, oldest first. */
export async function loadUnlocks(jobId: string): Promise<Unlock[]> {
  const { tables } = await openDatabase()
  return (await readRows(tables.unlocks, { where: { jobId }, order: ['id'] })).map(({ marks, why, by, at }) =>
    unlockSchema.parse({ marks, why, by, at }),
  )
}
