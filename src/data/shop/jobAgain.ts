import { z } from 'zod'
import type { Origins } from '@/core/document/origins'
import { RUN_KINDS } from '@/core/edition/runs'
import { purposeFacts } from '@/core/prove/purpose'
import { EMPTY_BENCH, SETTING_STATIONS, type Bench } from '@/core/prove/settings'
import { settingsAgain } from '@/core/record/printAgain'
import { positive, label } from '@/core/units/schemas'
import { write } from '../database/database'
import { FieldError, NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'
import { readJobRecord } from '../record/jobRecord'
import { insertJob } from './jobs'

/** What printing a job again is begun with. */
export const jobAgainSchema = z.strictObject({
  jobId: label,
  title: label,
  prints: positive.int({ error: 'must be a whole number' }).max(5000, { error: 'must be at most 5000' }),
})

/** Everything on a bench was brought over from where it printed well. */
const CARRIED: Origins = Object.fromEntries(SETTING_STATIONS.map((station) => [station, 'carried' as const]))

/**
 * Begins a job that prints an earlier one again: its runs with the settings it printed well by, its plate with its states, zones, flaws,
 * facings and all the pulls it made, its pieces for chine collé and its credits. The earlier job stays as it is.
 *
 * @returns the address of the new job
 * @throws FieldError where nothing of it was ever pulled
 */
export async function printJobAgain(
  input: z.infer<typeof jobAgainSchema>,
  at: string,
): Promise<{ id: string; slug: string }> {
  const { jobId, title, prints } = jobAgainSchema.parse(input)
  return write(async (tables, transaction) => {
    const [row] = await readRows(tables.jobs, { where: { id: jobId }, transaction })
    if (!row) throw new NotFoundError('This job')
    const { artist, purpose, credits } = row
    const job = await readJobRecord(row, tables, transaction)
    if (job.pulls.some(({ kind }) => kind === 'cancellation'))
      throw new FieldError([{ field: '', message: 'The plate was cancelled: it prints no more.' }])
    const benches = job.runs.map(({ position, kind }): Bench | null => {
      const again = settingsAgain(job, position)
      if (again) return { ...again.settings, origins: CARRIED }
      return RUN_KINDS[kind].press ? null : EMPTY_BENCH
    })
    if (benches.some((bench) => bench === null))
      throw new FieldError([
        { field: '', message: 'It was never pulled whole: there are no settings to print it by again.' },
      ])
    const { id, slug } = await insertJob(
      { tables, transaction },
      { title, artist, purpose, credits, editionSize: purposeFacts(purpose).asksSize === null ? 1 : prints },
      at,
    )
    const madeBy = (position: number) =>
      job.pulls.filter((pull) => pull.runPosition === position && pull.kind !== 'cancellation').length
    await tables.runs.bulkCreate(
      job.runs.map((run, i) => ({
        ...run,
        jobId: id,
        bench: benches[i]!,
        earlierPulls: run.earlierPulls + madeBy(run.position),
      })),
      { transaction },
    )
    const copies = [
      tables.plate_states,
      tables.zone_maps,
      tables.watch_spots,
      tables.facings,
      tables.colle_pieces,
    ] as const
    for (const table of copies) {
      const rows = await readRows(table as typeof tables.facings, { where: { jobId }, transaction })
      await (table as typeof tables.facings).bulkCreate(
        // Rows that are counted by the database are counted anew.
        rows.map(({ id: _, ...kept }) => ({ ...kept, jobId: id })),
        { transaction },
      )
    }
    return { id, slug }
  })
}
