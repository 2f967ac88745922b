import type { Transaction } from 'sequelize'
import {
  deskRailsSchema,
  deskSyncInput,
  EMPTY_RAILS,
  mergeRails,
  type DeskEntry,
  type DeskOutcome,
  type DeskRails,
} from '@/core/edition/deskEntry'
import { eventSubject, type PullEvent } from '@/core/edition/pull'
import { write } from './database'
import { FieldError, NotFoundError } from './errors'
import { greatest } from './greatest'
import { readRows } from './readRows'
import { heldVersion, sheetForPull } from './runs'
import type { JobRow, PullRow, Tables } from './tables'

/** A device's clock may be ahead of the server's by so much, ms; more is a wrong clock. */
const CLOCK_SLACK_MS = 120_000
const LATE = 'came after the numbers were given'
const TAKEN_BACK = 'taken back at the desk'

interface Sync {
  job: JobRow
  tables: Tables
  transaction: Transaction
  at: string
}

/** Adds events to a pull; what stands word for word is left out, what says something else amends it. */
async function addTo(
  { job, tables, transaction, at }: Sync,
  pullId: string,
  events: readonly PullEvent[],
  by: string,
): Promise<void> {
  const standing = new Map(
    (
      await readRows(tables.pull_events, { where: { jobId: job.id, pullId }, order: ['id'], transaction })
    ).map(({ subject, event }) => [subject, JSON.stringify(event)]),
  )
  for (const event of events) {
    const subject = eventSubject(event)
    if (standing.get(subject) === JSON.stringify(event)) continue
    await tables.pull_events.create(
      { jobId: job.id, pullId, subject, event, at, by, why: standing.has(subject) ? TAKEN_BACK : null },
      { transaction },
    )
    standing.set(subject, JSON.stringify(event))
  }
}

/** Whether the edition is closed: its late pulls are kept, and get no number. */
const isNumbered = async ({ job, tables, transaction }: Sync) =>
  (await tables.prints.count({ where: { jobId: job.id }, transaction })) > 0

async function keepPull(sync: Sync, entry: Extract<DeskEntry, { kind: 'pull' }>): Promise<DeskOutcome> {
  const { job, tables, transaction, at } = sync
  const { id, pullKind, runPosition, pulledAt, zone, estimated, hands, settings, events, by } = entry
  if ((await tables.pulls.count({ where: { id }, transaction })) > 0)
    return { id, outcome: 'already', message: null }
  const jobId = job.id
  if ((await tables.runs.count({ where: { jobId, position: runPosition }, transaction })) === 0)
    return { id, outcome: 'refused', message: 'This pull names a run that does not exist.' }
  const version = await heldVersion(sync, runPosition)
  if (pullKind === 'edition' && version === null)
    return { id, outcome: 'refused', message: 'There is no BAT, the approved proof, to hold this pull to.' }
  if (entry.batVersion !== null && entry.batVersion > (version ?? 0))
    return { id, outcome: 'refused', message: 'This pull names a BAT that does not exist.' }
  const next = async (column: 'number' | 'place', where: Partial<PullRow> = {}) =>
    (await greatest(tables.pulls, column, { jobId, ...where }, transaction)) + 1
  const [number, place] = [await next('number', { kind: pullKind, runPosition }), await next('place')]
  // What was pulled was pulled: a pull no sheet waited for is kept all the same, on a sheet of its own, and said.
  const waited = await sheetForPull(sync, pullKind, runPosition).catch((error: unknown) => {
    if (error instanceof FieldError) return null
    throw error
  })
  const sheet = waited ?? (await greatest(tables.pulls, 'sheet', { jobId }, transaction)) + 1
  const before =
    (await readRows(tables.pulls, { where: { jobId, place: place - 1 }, transaction }))[0]?.pulledAt ?? null
  const isAhead = Date.parse(pulledAt) > Date.parse(at) + CLOCK_SLACK_MS
  const isBack = before !== null && pulledAt < before
  await tables.pulls.create(
    {
      id,
      jobId,
      place,
      sheet,
      number,
      kind: pullKind,
      runPosition,
      paperId: settings.paper.paperId,
      pulledAt: isAhead ? at : pulledAt,
      zone,
      estimated: estimated || isAhead || isBack,
      settings,
      hands,
      expected: null,
      expectation: '',
      batVersion: entry.batVersion ?? version,
    },
    { transaction },
  )
  const late = pullKind === 'edition' && (await isNumbered(sync))
  await addTo(
    sync,
    id,
    [
      ...events.filter(({ kind }) =>
        pullKind === 'edition' ? !(late && kind === 'decision') : kind !== 'decision',
      ),
      ...(late
        ? [{ kind: 'decision' as const, decision: 'set-aside' as const, reason: LATE, fate: null }]
        : []),
    ],
    by,
  )
  const message =
    waited === null
      ? `Pull ${number}: no sheet waited for this run, so it is kept as sheet ${sheet}. Look at the sheets.`
      : late
        ? `Pull ${number} ${LATE}: it is kept, set aside, without a number.`
        : isAhead
          ? `Pull ${number}: this device’s clock is ahead; the server’s moment is kept, as estimated.`
          : isBack
            ? `Pull ${number}: its moment is before the pull before it; kept as estimated. Look at this device’s clock.`
            : null
  return { id, outcome: 'kept', message }
}

async function keepAmendment(
  sync: Sync,
  { id, pullId, events, by }: Extract<DeskEntry, { kind: 'amendment' }>,
): Promise<DeskOutcome> {
  const { job, tables, transaction } = sync
  if ((await tables.pulls.count({ where: { jobId: job.id, id: pullId }, transaction })) === 0)
    return { id, outcome: 'refused', message: 'This pull is not in the job.' }
  if (events.some(({ kind }) => kind === 'decision') && (await isNumbered(sync)))
    return {
      id,
      outcome: 'refused',
      message: 'The numbers are given: what becomes of this pull can no longer be changed here.',
    }
  await addTo(sync, pullId, events, by)
  return { id, outcome: 'kept', message: null }
}

/**
 * Takes in what a desk kept while the server was away, all in one transaction and in its order. Desks add and never change what is
 * there, so they neither need nor move the job's revision: two of them on one edition get numbers in the order they are heard.
 */
export async function syncDesk(slug: string, input: unknown, at: string): Promise<DeskOutcome[]> {
  const { entries } = deskSyncInput.parse(input)
  return write(async (tables, transaction) => {
    const [job] = await readRows(tables.jobs, { where: { slug }, transaction })
    if (!job) throw new NotFoundError('This job')
    const outcomes: DeskOutcome[] = []
    for (const entry of entries)
      outcomes.push(
        await (entry.kind === 'pull'
          ? keepPull({ job, tables, transaction, at }, entry)
          : keepAmendment({ job, tables, transaction, at }, entry)),
      )
    return outcomes
  })
}

/** Takes in one device's word on the rails and answers how they stand for all. */
export async function shareRails(slug: string, input: unknown, at: string): Promise<DeskRails> {
  const said = deskRailsSchema.parse(input)
  return write(async (tables, transaction) => {
    const [job] = await readRows(tables.jobs, { where: { slug }, transaction })
    if (!job) throw new NotFoundError('This job')
    const jobId = job.id
    const [row] = await readRows(tables.desk_meetings, { where: { jobId }, transaction })
    const known = row ? deskRailsSchema.parse(row.rails) : EMPTY_RAILS
    const rails = mergeRails(known, said)
    if (row && JSON.stringify(rails) === JSON.stringify(known)) return rails
    await tables.desk_meetings.upsert({ jobId, rails, at }, { transaction })
    return rails
  })
}
