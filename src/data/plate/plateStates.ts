import { label, remark } from '@/core/units/schemas'
import { plateStateSchema } from '@/core/record/jobFile'
import { benchOf, changeJob, setBench } from '../across/changeJob'
import { FieldError } from '../database/errors'

/** Opens the next state of the plate: what was done to it cannot be taken back. */
export async function openNextState(
  jobId: string,
  revision: number,
  note: string,
  at: string,
): Promise<number> {
  return changeJob(jobId, revision, async (change) => {
    if (change.job.openRun > 0)
      throw new FieldError([
        {
          field: 'note',
          message: 'States are kept of the plate of the first run: put that run on the bench.',
        },
      ])
    const bench = await benchOf(change)
    if (!bench.plate) throw new FieldError([{ field: 'note', message: 'Set the plate first.' }])
    const next = plateStateSchema.parse({
      state: bench.plate.state + 1,
      note: remark.parse(note),
      openedAt: at,
    })
    await change.tables.plate_states.create(
      { jobId, imageId: null, ...next },
      { transaction: change.transaction },
    )
    await setBench(change, { ...bench, plate: { ...bench.plate, state: next.state } })
  })
}

/** Ties a kept picture to a state of the plate; an earlier picture of that state stays in the file store. */
export async function setStatePicture(
  jobId: string,
  revision: number,
  state: number,
  imageId: string,
): Promise<number> {
  return changeJob(jobId, revision, async ({ tables, transaction }) => {
    if ((await tables.images.count({ where: { id: label.parse(imageId) }, transaction })) === 0)
      throw new FieldError([{ field: 'imageId', message: 'Upload failed: choose the picture again.' }])
    const [changed] = await tables.plate_states.update({ imageId }, { where: { jobId, state }, transaction })
    if (changed === 0)
      throw new FieldError([{ field: 'state', message: 'The plate has no such state; set the plate first.' }])
  })
}
