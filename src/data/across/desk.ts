import type { Transaction } from 'sequelize'
import { asideWithin, type DocumentPath, type SetAside } from '@/core/document/setAside'
import type { DeskEntry, DeskOutcome } from '@/core/edition/deskEntry'
import { EMPTY_RAILS, heard, railWordsSchema, type DeskRails } from '@/core/edition/deskRails'
import { readDeskSync, type SentEntry, type SentEvent } from '@/core/edition/deskSync'
import { eventSubject } from '@/core/edition/readPull'
import type { PullEvent } from '@/core/edition/pull'
import { purposeFacts } from '@/core/prove/purpose'
import { doneBefore, noteAct } from '../database/acts'
import { write } from '../database/database'
import { FieldError, NotFoundError } from '../database/errors'
import { greatest } from '../database/greatest'
import { readRows, type Plain } from '../database/readRows'
import { freshSheet, heldVersion, sheetForPull } from './runs'
import { wasWithdrawn, withdrawWithin } from './withdrawals'
import type { JobRow, PullRow, Tables } from '../database/tables'

/** A device's clock may be ahead of the server's by so much, ms; more is a wrong clock. */
const CLOCK_SLACK_MS = 120_000
const LATE = 'came after the numbers were given'
const SET_ASIDE_LATE: PullEvent = { kind: 'decision', decision: 'set-aside', reason: LATE, fate: null }
const TAKEN_BACK = 'taken back at the desk'

interface Sync {
  job: JobRow
  tables: Tables
  transaction: Transaction
  at: string
}

/** Keeps what of a pull is not known, by its place in the job file. */
async function keepAside(
  { job, tables, transaction }: Sync,
  path: DocumentPath,
  aside: readonly SetAside[],
): Promise<void> {
  const rows = asideWithin(path, aside).map((one) => ({ jobId: job.id, aside: one }))
  if (rows.length > 0) await tables.set_aside.bulkCreate(rows, { transaction })
}

/** Adds events to a pull; what stands word for word is left out, what says something else amends it. */
async function addTo(
  sync: Sync,
  { pullId, place }: { pullId: string; place: number },
  events: readonly SentEvent[],
  by: string,
): Promise<void> {
  const { job, tables, transaction, at } = sync
  const before = await readRows(tables.pull_events, {
    where: { jobId: job.id, pullId },
    order: ['id'],
    transaction,
  })
  const standing = new Map(before.map(({ subject, event }) => [subject, JSON.stringify(event)]))
  let count = before.length
  for (const { event, aside } of events) {
    const subject = eventSubject(event)
    if (standing.get(subject) === JSON.stringify(event)) continue
    await tables.pull_events.create(
      { jobId: job.id, pullId, subject, event, at, by, why: standing.has(subject) ? TAKEN_BACK : null },
      { transaction },
    )
    await keepAside(sync, ['pulls', place - 1, 'events', count, 'event'], aside)
    standing.set(subject, JSON.stringify(event))
    count += 1
  }
}

/** Whether the edition is closed: its late pulls are kept, and get no number. */
const isNumbered = async ({ job, tables, transaction }: Sync) =>
  (await tables.prints.count({ where: { jobId: job.id }, transaction })) > 0

async function keepPull(
  sync: Sync,
  entry: Extract<DeskEntry, { kind: 'pull' }>,
  { events, aside }: SentEntry,
): Promise<DeskOutcome> {
  const { job, tables, transaction, at } = sync
  const { id, pullKind, runPosition, pulledAt, zone, estimated, hands, settings, by } = entry
  const jobId = job.id
  const [there] = await readRows(tables.pulls, { where: { id }, transaction })
  if (there || (await wasWithdrawn(sync, id)))
    return {
      id,
      outcome: 'already',
      message: null,
      given: there ? { number: there.number, sheet: there.sheet } : null,
    }
  const refused = (message: string): DeskOutcome => ({ id, outcome: 'refused', message, given: null })
  if ((await tables.runs.count({ where: { jobId, position: runPosition }, transaction })) === 0)
    return refused('This pull names a run that does not exist.')
  const version = await heldVersion(sync, runPosition)
  if (pullKind === 'edition' && version === null && purposeFacts(job.purpose).asksBat)
    return refused('There is no BAT, the approved proof, to hold this pull to.')
  if (entry.batVersion !== null && entry.batVersion > (version ?? 0))
    return refused('This pull names a BAT that does not exist.')
  const next = async (column: 'number' | 'place', where: Partial<PullRow> = {}) =>
    (await greatest(tables.pulls, column, { jobId, ...where }, transaction)) + 1
  const [number, place] = [await next('number', { kind: pullKind, runPosition }), await next('place')]
  // What was pulled was pulled: a pull no sheet waited for is kept all the same, on a sheet of its own, and said.
  const waited = await sheetForPull(sync, pullKind, null, runPosition).catch((error: unknown) => {
    if (error instanceof FieldError) return null
    throw error
  })
  const sheet = waited ?? (await freshSheet(sync))
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
  await keepAside(sync, ['pulls', place - 1], aside)
  await addTo(
    sync,
    { pullId: id, place },
    [
      ...events.filter(({ event: { kind } }) => kind !== 'decision' || (pullKind === 'edition' && !late)),
      ...(late ? [{ event: SET_ASIDE_LATE, aside: [] }] : []),
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
  return { id, outcome: 'kept', message, given: { number, sheet } }
}

/** The pull an entry speaks of, or why there is none. */
async function pullOf(sync: Sync, pullId: string): Promise<Plain<PullRow> | string> {
  const { job, tables, transaction } = sync
  const [pull] = await readRows(tables.pulls, { where: { jobId: job.id, id: pullId }, transaction })
  if (pull) return pull
  return (await wasWithdrawn(sync, pullId)) ? 'This pull was withdrawn.' : 'This pull is not in the job.'
}

async function keepAmendment(
  sync: Sync,
  { id, pullId, by }: Extract<DeskEntry, { kind: 'amendment' }>,
  { events }: SentEntry,
): Promise<DeskOutcome> {
  const pull = await pullOf(sync, pullId)
  if (typeof pull === 'string') return { id, outcome: 'refused', message: pull, given: null }
  const decides = events.some(({ event }) => event.kind === 'decision')
  const isLate = decides && (await isNumbered(sync))
  const isDecided = pull.kind === 'edition' && !isLate
  await addTo(
    sync,
    { pullId, place: pull.place },
    events.filter(({ event: { kind } }) => isDecided || kind !== 'decision'),
    by,
  )
  const message = isLate
    ? `Pull ${pull.number}: the numbers are given, so what becomes of it stays as it is; what was seen is kept.`
    : null
  return { id, outcome: 'kept', message, given: null }
}

/** Moves a pull's moment, which is then estimated; the one said before it stays among its events. */
async function keepMoment(
  sync: Sync,
  { id, pullId, pulledAt, by }: Extract<DeskEntry, { kind: 'moment' }>,
): Promise<DeskOutcome> {
  const { tables, transaction } = sync
  const pull = await pullOf(sync, pullId)
  if (typeof pull === 'string') return { id, outcome: 'refused', message: pull, given: null }
  if (pull.pulledAt === pulledAt) return { id, outcome: 'already', message: null, given: null }
  const event = { kind: 'moment', was: pull.pulledAt } as const
  await addTo(sync, { pullId, place: pull.place }, [{ event, aside: [] }], by)
  await tables.pulls.update({ pulledAt, estimated: true }, { where: { id: pullId }, transaction })
  return { id, outcome: 'kept', message: null, given: null }
}

async function keepWithdrawal(
  sync: Sync,
  { id, pullId, by }: Extract<DeskEntry, { kind: 'withdrawal' }>,
): Promise<DeskOutcome> {
  if (await wasWithdrawn(sync, pullId)) return { id, outcome: 'already', message: null, given: null }
  try {
    await withdrawWithin(sync, { pullId, why: TAKEN_BACK, by }, sync.at)
    return { id, outcome: 'kept', message: null, given: null }
  } catch (error) {
    // A pull that stays, or was never here, must not keep the entries behind it from being heard.
    if (!(error instanceof FieldError || error instanceof NotFoundError)) throw error
    return { id, outcome: 'refused', message: `What you took back: ${error.message}`, given: null }
  }
}

function keepEntry(sync: Sync, sent: SentEntry): Promise<DeskOutcome> {
  const { entry } = sent
  switch (entry.kind) {
    case 'pull':
      return keepPull(sync, entry, sent)
    case 'amendment':
      return keepAmendment(sync, entry, sent)
    case 'moment':
      return keepMoment(sync, entry)
    case 'withdrawal':
      return keepWithdrawal(sync, entry)
  }
}

/** Does with an entry what is to be done, once: one sent again is answered as it was the first time. */
async function keepOnce(sync: Sync, sent: SentEntry): Promise<DeskOutcome> {
  const key = `desk ${sync.job.id} ${sent.entry.id}`
  const done = await doneBefore(key)
  if (done) return { ...(done as DeskOutcome), outcome: 'already', message: null }
  const outcome = await keepEntry(sync, sent)
  if (outcome.outcome !== 'refused') await noteAct(key, outcome, sync.at)
  return outcome
}

async function jobAt(slug: string, { tables, transaction }: Pick<Sync, 'tables' | 'transaction'>) {
  const [job] = await readRows(tables.jobs, { where: { slug }, transaction })
  if (!job) throw new NotFoundError('This job')
  return job
}

/**
 * Takes in what a desk kept while the server was away, in its order, each entry whole or not at all: one that is refused does not keep
 * the others from being heard. Desks add and take back their own, and never change what is there, so they neither need nor move the
 * job's revision: two of them on one edition get numbers in the order they are heard.
 *
 * @throws NotFoundError without the job; ZodError when this is no message of a desk
 */
export async function syncDesk(slug: string, input: unknown, at: string): Promise<DeskOutcome[]> {
  const outcomes: DeskOutcome[] = []
  const sent = readDeskSync(input)
  await write((tables, transaction) => jobAt(slug, { tables, transaction }))
  for (const one of sent)
    outcomes.push(
      'why' in one
        ? { id: one.id, outcome: 'refused', message: one.why, given: null }
        : await write(async (tables, transaction) =>
            keepOnce({ job: await jobAt(slug, { tables, transaction }), tables, transaction, at }, one),
          ),
    )
  return outcomes
}

/** Takes in one device's words on the rails, if it has any, and answers how they stand for all. */
export async function shareRails(slug: string, input: unknown, at: string): Promise<DeskRails> {
  const { words } = railWordsSchema.parse(input)
  return write(async (tables, transaction) => {
    const { id: jobId } = await jobAt(slug, { tables, transaction })
    const [row] = await readRows(tables.desk_meetings, { where: { jobId }, transaction })
    const known = row ? (row.rails as DeskRails) : EMPTY_RAILS
    const rails = words.reduce(heard, known)
    if (rails !== known) await tables.desk_meetings.upsert({ jobId, rails, at }, { transaction })
    return rails
  })
}
