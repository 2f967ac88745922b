import type { z } from 'zod'
import { asideWithin, type SetAside } from '@/core/document/setAside'
import { keptEventSchema, type KeptEvent } from '@/core/edition/pull'
import { givenSheetSchema, type GivenSheet } from '@/core/edition/givenSheets'
import { runSchema, sheetMarkSchema, type Run, type SheetMark } from '@/core/edition/runs'
import {
  batSchema,
  dryingSchema,
  filedPullSchema,
  withdrawnPullSchema,
  type WithdrawnPull,
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
import { readSigning } from '../dry/sortings'
import { readKept, readRows, type Plain } from '../database/readRows'
import type { GivenSheetRow, JobRow, PullEventRow, Tables } from '../database/tables'

/** Everything that is kept of a job. */
export interface JobRecord extends JobRow {
  /** in the order a sheet goes through them */
  runs: Run[]
  sheetMarks: SheetMark[]
  /** existing prints it begins on, by their sheets */
  givenSheets: GivenSheet[]
  signing: Signing
  plateStates: (z.infer<typeof plateStateSchema> & { imageId: string | null })[]
  /** in the order they were made, each with its events in order */
  pulls: FiledPull[]
  /** entered by mistake: counted nowhere, in the order they were withdrawn */
  withdrawn: WithdrawnPull[]
  bats: Bat[]
  prints: Print[]
  dryings: Drying[]
  /** what it holds that this release does not know, by its place in the job file */
  aside: SetAside[]
}

/** An existing print as its row says it. */
const givenSheet = ({ jobId: _, fromJobId, fromPullId, ...given }: GivenSheetRow): GivenSheet =>
  givenSheetSchema.parse({
    ...given,
    print: fromJobId && fromPullId ? { jobId: fromJobId, pullId: fromPullId } : null,
  })

type KeptRows<Row> = { row: Plain<Row>; aside: SetAside[] }[]

/** Events by the pull they speak of, each with what of it is not known. */
function eventsByPull(rows: KeptRows<PullEventRow>) {
  const events = new Map<string, { event: KeptEvent; aside: SetAside[] }[]>()
  for (const { row, aside } of rows) {
    const { pullId, event, at, by, why } = row
    const kept = { event: keptEventSchema.parse({ event, at, by, why }), aside }
    const before = events.get(pullId)
    if (before) before.push(kept)
    else events.set(pullId, [kept])
  }
  return events
}

/** What rows hold that is not known, told from the outside of the job. */
const asideOf = (list: string, rows: readonly { aside: SetAside[] }[]): SetAside[] =>
  rows.flatMap(({ aside }, i) => asideWithin([list, i], aside))

/** Reads the whole record of a job; every document is read with the core's schemas, so that nothing unknown gets further. */
export async function readJobRecord(
  job: JobRow,
  tables: Tables,
  transaction?: Transaction,
): Promise<JobRecord> {
  const all = { where: { jobId: job.id }, transaction }
  const [runs, marks, given, signing, states, pulls, withdrawn, events, bats, prints, dryings, setAside] =
    await Promise.all([
      readKept(tables.runs, { ...all, order: ['position'] }),
      readRows(tables.sheet_marks, { ...all, order: ['id'] }),
      readRows(tables.given_sheets, { ...all, order: ['sheet'] }),
      readSigning(job.id, tables, transaction),
      readRows(tables.plate_states, { ...all, order: ['state'] }),
      readKept(tables.pulls, { ...all, order: ['place'] }),
      readKept(tables.withdrawn_pulls, { ...all, order: ['at', 'id'] }),
      readKept(tables.pull_events, { ...all, order: ['id'] }),
      readKept(tables.bats, { ...all, order: ['version'] }),
      readRows(tables.prints, { ...all, order: ['place'] }),
      readRows(tables.dryings, { ...all, order: ['id'] }),
      readRows(tables.set_aside, { ...all, order: ['id'] }),
    ])
  const said = eventsByPull(events)
  const eventsOf = (id: string) => (said.get(id) ?? []).map(({ event }) => event)
  const asideOfEvents = (list: string, rows: readonly { row: { id: string } }[]) =>
    rows.flatMap(({ row: { id } }, i) =>
      (said.get(id) ?? []).flatMap(({ aside }, k) => asideWithin([list, i, 'events', k], aside)),
    )
  return {
    ...job,
    credits: creditsSchema.parse(job.credits),
    signing,
    runs: runs.map(({ row: { jobId: _, ...run } }) => runSchema.parse(run)),
    sheetMarks: marks.map(({ jobId: _, id: __, ...mark }) => sheetMarkSchema.parse(mark)),
    givenSheets: given.map(givenSheet),
    plateStates: states.map(({ jobId: _, imageId, ...state }) => ({
      ...plateStateSchema.parse(state),
      imageId,
    })),
    pulls: pulls.map(({ row: { jobId: _, place: __, ...pull } }) =>
      filedPullSchema.parse({ ...pull, events: eventsOf(pull.id) }),
    ),
    withdrawn: withdrawn.map(({ row: { jobId: _, at, by, ...pull } }) =>
      withdrawnPullSchema.parse({ ...pull, withdrawnAt: at, withdrawnBy: by, events: eventsOf(pull.id) }),
    ),
    bats: bats.map(({ row: { jobId: _, ...bat } }) => batSchema.parse(bat)),
    prints: prints.map(({ jobId: _, place: __, ...print }) => printSchema.parse(print)),
    dryings: dryings.map(({ jobId: _, id: __, ...drying }) => dryingSchema.parse(drying)),
    aside: [
      ...setAside.map(({ aside }) => aside),
      ...asideOf('runs', runs),
      ...asideOf('pulls', pulls),
      ...asideOfEvents('pulls', pulls),
      ...asideOf('withdrawn', withdrawn),
      ...asideOfEvents('withdrawn', withdrawn),
      ...asideOf('bats', bats),
    ],
  }
}
