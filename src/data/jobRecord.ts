import type { z } from 'zod'
import { keptEventSchema } from '@/core/edition/pull'
import { runSchema, sheetMarkSchema, type Run, type SheetMark } from '@/core/edition/runs'
import {
  batSchema,
  dryingSchema,
  filedPullSchema,
  plateStateSchema,
  printSchema,
  type Bat,
  type Drying,
  type FiledPull,
  type Print,
} from '@/core/record/jobFile'
import type { Transaction } from 'sequelize'
import type { Signing } from '@/core/dry/numbering'
import { creditsSchema } from '@/core/record/credits'
import { readSigning } from './sortings'
import { readRows } from './readRows'
import type { JobRow, PullEventRow, Tables } from './tables'

/** Everything that is kept of a job. */
export interface JobRecord extends JobRow {
  /** in the order a sheet goes through them */
  runs: Run[]
  sheetMarks: SheetMark[]
  signing: Signing
  plateStates: (z.infer<typeof plateStateSchema> & { imageId: string | null })[]
  /** in the order they were made, each with its events in order */
  pulls: FiledPull[]
  bats: Bat[]
  prints: Print[]
  dryings: Drying[]
}

function eventsByPull(rows: readonly PullEventRow[]): Map<string, unknown[]> {
  const events = new Map<string, unknown[]>()
  for (const { pullId, event, at, by, why } of rows) {
    const kept = keptEventSchema.parse({ event, at, by, why })
    const before = events.get(pullId)
    if (before) before.push(kept)
    else events.set(pullId, [kept])
  }
  return events
}

/** Reads the whole record of a job; every document is read with the core's schemas, so that nothing unknown gets further. */
export async function readJobRecord(
  job: JobRow,
  tables: Tables,
  transaction?: Transaction,
): Promise<JobRecord> {
  const all = { where: { jobId: job.id }, transaction }
  const [runs, marks, signing, states, pulls, events, bats, prints, dryings] = await Promise.all([
    readRows(tables.runs, { ...all, order: ['position'] }),
    readRows(tables.sheet_marks, { ...all, order: ['id'] }),
    readSigning(job.id, tables, transaction),
    readRows(tables.plate_states, { ...all, order: ['state'] }),
    readRows(tables.pulls, { ...all, order: ['place'] }),
    readRows(tables.pull_events, { ...all, order: ['id'] }),
    readRows(tables.bats, { ...all, order: ['version'] }),
    readRows(tables.prints, { ...all, order: ['place'] }),
    readRows(tables.dryings, { ...all, order: ['id'] }),
  ])
  const said = eventsByPull(events)
  return {
    ...job,
    credits: creditsSchema.parse(job.credits),
    signing,
    runs: runs.map(({ jobId: _, ...run }) => runSchema.parse(run)),
    sheetMarks: marks.map(({ jobId: _, id: __, ...mark }) => sheetMarkSchema.parse(mark)),
    plateStates: states.map(({ jobId: _, imageId, ...state }) => ({
      ...plateStateSchema.parse(state),
      imageId,
    })),
    pulls: pulls.map(({ jobId: _, place: __, ...pull }) =>
      filedPullSchema.parse({ ...pull, events: said.get(pull.id) ?? [] }),
    ),
    bats: bats.map(({ jobId: _, ...bat }) => batSchema.parse(bat)),
    prints: prints.map(({ jobId: _, place: __, ...print }) => printSchema.parse(print)),
    dryings: dryings.map(({ jobId: _, id: __, ...drying }) => dryingSchema.parse(drying)),
  }
}
