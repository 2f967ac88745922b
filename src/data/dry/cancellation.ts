import { z } from 'zod'
import { handsSchema } from '@/core/edition/pull'
import { pullId, timeZone } from '@/core/edition/pullId'
import { completeBench } from '@/core/prove/completeBench'
import { label } from '@/core/units/schemas'
import { benchOf, changeJob, type JobChange } from '../across/changeJob'
import { FieldError } from '../database/errors'
import { greatest } from '../database/greatest'

/** How a plate was struck, and the proof that shows it; the id keeps what is asked for twice from being done twice. */
export const newCancellationSchema = z.strictObject({
  id: pullId,
  how: label,
  zone: timeZone,
  hands: handsSchema.extend({ inked: label }),
})

/** A struck plate prints no more. */
export async function refuseWhenCancelled({ job, tables, transaction }: JobChange): Promise<void> {
  if (
    (await tables.pulls.count({
      where: { jobId: job.id, kind: 'cancellation', runPosition: job.openRun },
      transaction,
    })) > 0
  )
    throw new FieldError([{ field: '', message: 'This plate is struck: nothing more is pulled from it.' }])
}

/** Strikes the plate of the run at work once the edition is numbered, and keeps the proof pulled from the struck plate. */
export async function cancelPlate(
  jobId: string,
  revision: number,
  input: z.input<typeof newCancellationSchema>,
  at: string,
): Promise<number> {
  const { id, how, zone, hands } = newCancellationSchema.parse(input)
  const strike = async (change: JobChange) => {
    const { job, tables, transaction } = change
    if ((await tables.prints.count({ where: { jobId }, transaction })) === 0)
      throw new FieldError([
        {
          field: '',
          message: 'First give the numbers: a struck plate cannot make up for a print that is missing.',
        },
      ])
    await refuseWhenCancelled(change)
    const settings = completeBench(await benchOf(change), job.purpose)
    if (!settings)
      throw new FieldError([
        { field: '', message: 'The bench is not complete: a cancellation proof is a pull like any other.' },
      ])
    const sheet = (await greatest(tables.pulls, 'sheet', { jobId }, transaction)) + 1
    const place = (await greatest(tables.pulls, 'place', { jobId }, transaction)) + 1
    await tables.pulls.create(
      {
        jobId,
        id,
        place,
        sheet,
        number: 1,
        kind: 'cancellation',
        runPosition: job.openRun,
        paperId: settings.paper.paperId,
        pulledAt: at,
        zone,
        estimated: false,
        settings,
        hands,
        expected: null,
        expectation: '',
        batVersion: null,
      },
      { transaction },
    )
    const event = { kind: 'cancelled' as const, how }
    await tables.pull_events.create(
      { jobId, pullId: id, subject: event.kind, event, at, by: hands.inked, why: null },
      { transaction },
    )
  }
  return changeJob(
    jobId,
    revision,
    strike,
    async ({ tables, transaction }) => (await tables.pulls.count({ where: { jobId, id }, transaction })) > 0,
  )
}
