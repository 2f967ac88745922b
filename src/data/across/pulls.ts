import { plural } from '@/core/units/counted'
import { QueryTypes } from 'sequelize'
import { z } from 'zod'
import { eventSubject } from '@/core/edition/readPull'
import { eyeReadingSchema, handsSchema, pullEventSchema, type PullEvent } from '@/core/edition/pull'
import { pullId, timeZone } from '@/core/edition/pullId'
import { checkBench, STATIONS, unsetStations, type Bench, type Settings } from '@/core/prove/settings'
import { completeBench } from '@/core/prove/completeBench'
import { stationsWanting } from '@/core/prove/stationsWanting'
import { purposeFacts, type Purpose } from '@/core/prove/purpose'
import { label, remark } from '@/core/units/schemas'
import { benchOf, changeJob, setBench, type JobChange } from './changeJob'
import { FieldError, NotFoundError } from '../database/errors'
import { refuseWhenCancelled } from '../dry/cancellation'
import { greatest } from '../database/greatest'
import { refuseWhenNumbered } from '../shop/jobs'
import { readRows } from '../database/readRows'
import { wasWithdrawn } from './withdrawals'
import { heldVersion, sheetForPull } from './runs'
import type { PullRow } from '../database/tables'

/** What a pull is made with besides the bench; its id, made by the device, keeps a pull asked for twice from being made twice. */
export const newPullSchema = z.strictObject({
  id: pullId,
  kind: z.enum(['proof', 'edition', 'warmup']),
  zone: timeZone,
  hands: handsSchema,
  expected: eyeReadingSchema.nullable(),
  expectation: remark,
})
export type NewPull = z.infer<typeof newPullSchema>

/** What is said of a pull afterwards; `why` is needed as soon as something already said is amended. */
export const newEventsSchema = z.strictObject({
  pullId,
  events: z.array(pullEventSchema).min(1).max(20),
  by: label,
  why: z.string().trim().max(500),
})
export type NewEvents = z.infer<typeof newEventsSchema>

function settingsToPull(bench: Bench, purpose: Purpose): Settings {
  const settings = completeBench(bench, purpose)
  if (settings) return settings
  const unset = stationsWanting(bench, purpose)
  if (unset.length > 0)
    throw new FieldError([
      {
        field: '',
        message: `Before a pull: ${unset.map((station) => STATIONS[station]).join(', ')} ${plural(unset.length, 'needs', 'need')} you.`,
      },
    ])
  throw new FieldError(checkBench(bench))
}

/** Where a BAT is asked, an edition is pulled once there is one to hold it to; and one pull at a time. */
async function checkEditionPull(change: JobChange, batVersion: number | null): Promise<void> {
  if (batVersion === null && purposeFacts(change.job.purpose).asksBat)
    throw new FieldError([
      { field: '', message: 'First approve a proof as BAT, the approved proof: the edition is held to it.' },
    ])
  const { job, tables, transaction } = change
  const [open] = await tables.pulls.sequelize!.query<{ open: number }>(
    "SELECT count(*) AS open FROM pulls p WHERE p.jobId = ? AND p.runPosition = ? AND p.kind = 'edition' AND NOT EXISTS (SELECT 1 FROM pull_events e WHERE e.jobId = p.jobId AND e.pullId = p.id AND e.subject = 'decision')",
    { replacements: [job.id, job.openRun], type: QueryTypes.SELECT, transaction },
  )
  if (open.open > 0)
    throw new FieldError([{ field: '', message: 'First say what becomes of the pull before.' }])
}

/** Writes a pull down within a change, with the settings it was made by. @throws FieldError where nothing may be pulled now */
export async function pullFrom(
  change: JobChange,
  pull: NewPull,
  settings: Settings,
  at: string,
): Promise<void> {
  const { job, tables, transaction } = change
  const [jobId, runPosition] = [job.id, job.openRun]
  const batVersion = await heldVersion(change)
  if (pull.kind === 'edition') await checkEditionPull(change, batVersion)
  const sheet = await sheetForPull(change, pull.kind, at)
  const next = async (column: 'number' | 'place', where: Partial<PullRow> = {}) =>
    (await greatest(tables.pulls, column, { jobId, ...where }, transaction)) + 1
  const [number, place] = [await next('number', { kind: pull.kind, runPosition }), await next('place')]
  await tables.pulls.create(
    {
      ...pull,
      jobId,
      place,
      sheet,
      number,
      runPosition,
      paperId: settings.paper.paperId,
      pulledAt: at,
      estimated: false,
      settings,
      batVersion,
    },
    { transaction },
  )
}

/**
 * The bench as it can be pulled from. What was taken as it is usually laid out stands on it from here on, and says that nobody set it.
 *
 * @throws FieldError where something is wanting, or nothing is pulled any more
 */
export async function readyBench(change: JobChange): Promise<Settings> {
  await refuseWhenNumbered(change)
  await refuseWhenCancelled(change)
  const bench = await benchOf(change)
  const settings = settingsToPull(bench, change.job.purpose)
  if (unsetStations(bench).length > 0) await setBench(change, settings)
  return settings
}

/** Whether a pull was made already, or made and withdrawn: one asked for twice is made once. */
export const wasPulled = async (change: JobChange, id: string): Promise<boolean> =>
  (await change.tables.pulls.count({
    where: { jobId: change.job.id, id },
    transaction: change.transaction,
  })) > 0 || wasWithdrawn(change, id)

/** Pulls from the bench as it stands: the settings are copied into the pull and never change again. */
export async function makePull(jobId: string, revision: number, input: NewPull, at: string): Promise<number> {
  const pull = newPullSchema.parse(input)
  return changeJob(
    jobId,
    revision,
    async (change) => pullFrom(change, pull, await readyBench(change), at),
    (change) => wasPulled(change, pull.id),
  )
}

/** Which of the events say something new: what already stands word for word is left out. */
function newEvents(events: readonly PullEvent[], standing: ReadonlyMap<string, PullEvent>): PullEvent[] {
  return events.filter((event) => JSON.stringify(standing.get(eventSubject(event))) !== JSON.stringify(event))
}

async function standingEvents(
  { tables, transaction }: JobChange,
  jobId: string,
  id: string,
): Promise<Map<string, PullEvent>> {
  const rows = await readRows(tables.pull_events, {
    where: { jobId, pullId: id },
    order: ['id'],
    transaction,
  })
  return new Map(rows.map(({ subject, event }) => [subject, pullEventSchema.parse(event)]))
}

/** Whether all of this is said of a pull already, word for word. */
export const isSaid = async (
  change: JobChange,
  pullId: string,
  events: readonly PullEvent[],
): Promise<boolean> => newEvents(events, await standingEvents(change, change.job.id, pullId)).length === 0

/** Writes down what is new of a pull within a change. @throws FieldError where it amends what was said, and no reason is given */
export async function writeEvents(
  change: JobChange,
  { pullId, events, by, why }: z.output<typeof newEventsSchema>,
  at: string,
): Promise<void> {
  const jobId = change.job.id
  const standing = await standingEvents(change, jobId, pullId)
  for (const event of newEvents(events, standing)) {
    const subject = eventSubject(event)
    const amends = standing.has(subject)
    if (amends && !why)
      throw new FieldError([
        { field: 'why', message: 'Enter a reason. The first entry is kept beside this one.' },
      ])
    await change.tables.pull_events.create(
      { jobId, pullId, subject, event, at, by, why: amends ? why : null },
      { transaction: change.transaction },
    )
  }
}

/** Adds what was seen of a pull. Nothing said before is changed: a later word on the same subject amends it, and says why. */
export async function addEvents(
  jobId: string,
  revision: number,
  input: NewEvents,
  at: string,
): Promise<number> {
  const { pullId: id, events, by, why } = newEventsSchema.parse(input)
  const add = async (change: JobChange) => {
    const { tables, transaction } = change
    const [pull] = await readRows(tables.pulls, { where: { jobId, id }, transaction })
    if (!pull) throw new NotFoundError('This pull')
    if (events.some(({ kind }) => kind === 'decision')) {
      if (pull.kind !== 'edition' && !(pull.kind === 'proof' && purposeFacts(change.job.purpose).keepsProofs))
        throw new FieldError([{ field: '', message: 'Only a pull of the edition is accepted or rejected.' }])
      await refuseWhenNumbered(change)
    }
    await writeEvents(change, { pullId: id, events, by, why }, at)
  }
  return changeJob(jobId, revision, add, (change) => isSaid(change, id, events))
}
