import { createHash } from 'node:crypto'
import { QueryTypes } from 'sequelize'
import { z } from 'zod'
import { originsAfter, type Origins } from '@/core/document/origins'
import { runWishSchema } from '@/core/edition/runs'
import {
  checkBench,
  EMPTY_BENCH,
  STATION_SETTINGS,
  type Bench,
  type SettingStation,
} from '@/core/prove/settings'
import { printsWanted, PURPOSE_KEYS, purposeFacts } from '@/core/prove/purpose'
import { finite, label } from '@/core/units/schemas'
import { benchOf, changeJob, setBench, type JobChange } from '../across/changeJob'
import { openDatabase, write } from '../database/database'
import {
  FieldError,
  isUnreadable,
  NotFoundError,
  UnreadableJobError,
  whyUnreadable,
} from '../database/errors'
import { greatest } from '../database/greatest'
import { whileUnchanged } from '../database/remembered'
import { sumOfColumns } from '../database/migrations/migration'
import { MIGRATIONS } from '../database/migrations/migrations'
import { readJobRecord, type JobRecord } from '../record/jobRecord'
import { readRows } from '../database/readRows'
import { freeSlug } from '../database/slug'
import type { JobRow } from '../database/tables'
import { countJobs } from './jobCounts'

const editionSize = finite
  .int({ error: 'must be a whole number' })
  .min(1, { error: 'must be 1 or more' })
  .max(5000, { error: 'must be at most 5000' })

/** What a job is begun with. */
export const newJobSchema = z
  .strictObject({
    title: label,
    artist: label,
    purpose: z.enum(PURPOSE_KEYS).default('edition'),
    /** how many prints; left out where the purpose does not ask */
    editionSize: editionSize.optional(),
  })
  .superRefine(({ purpose, editionSize: size }, context) => {
    if (purposeFacts(purpose).asksSize !== null && size === undefined)
      context.addIssue({
        code: 'custom',
        path: ['editionSize'],
        message: 'Enter how many prints it is to be.',
      })
  })
  .transform((job) => ({ ...job, editionSize: job.editionSize ?? 1 }))
export type NewJob = z.output<typeof newJobSchema>

/** Name of the run every job begins with. */
const FIRST_RUN = 'Key plate'

/** A job as the shelf shows it. */
export interface JobSummary extends JobRow {
  phase: 'proving' | 'edition' | 'sorting' | 'signed'
  proofs: number
  accepted: number
  rejected: number
  /** when it was last pulled from, or else begun */
  lastAt: string
  /** picture of the newest state that has one */
  imageId: string | null
}

/** Makes the rows of a new job; the id follows from address and moment, so that the sample is the same every time. */
export async function insertJob(
  { tables, transaction }: Omit<JobChange, 'job'>,
  job: NewJob & Partial<Pick<JobRow, 'openRun' | 'credits'>>,
  at: string,
): Promise<JobRow> {
  const slug = await freeSlug(
    job.title,
    async (candidate) => (await tables.jobs.count({ where: { slug: candidate }, transaction })) > 0,
  )
  const id = createHash('sha256').update(`${slug} ${at}`).digest('hex').slice(0, 32)
  const row: JobRow = {
    id,
    slug,
    openRun: 0,
    credits: [],
    putAway: null,
    putAwayAt: null,
    templateAt: null,
    ...job,
    revision: 0,
    createdAt: at,
  }
  await tables.jobs.create(row, { transaction })
  return row
}

/** Begins a job. A plate that is set has its first state. @param bench what is set already; left out: nothing */
export async function createJob(
  input: z.input<typeof newJobSchema>,
  at: string,
  bench: Bench = EMPTY_BENCH,
): Promise<{ id: string; slug: string }> {
  const job = newJobSchema.parse(input)
  return write(async (tables, transaction) => {
    const { id, slug } = await insertJob({ tables, transaction }, job, at)
    await tables.runs.create(
      {
        jobId: id,
        position: 0,
        ...runWishSchema.parse({ name: FIRST_RUN }),
        bench,
        earlierPulls: 0,
      },
      { transaction },
    )
    if (bench.plate)
      await tables.plate_states.create(
        { jobId: id, state: 1, note: '', openedAt: at, imageId: null },
        { transaction },
      )
    return { id, slug }
  })
}

/** Reads a job by its address. @throws NotFoundError, UnreadableJobError */
export async function loadJob(slug: string): Promise<JobRecord> {
  const { tables } = await openDatabase()
  const [row] = await readRows(tables.jobs, { where: { slug } })
  if (!row) throw new NotFoundError('This job')
  try {
    return await readJobRecord(row, tables)
  } catch (error) {
    if (isUnreadable(error)) throw new UnreadableJobError(row.slug, row.title, whyUnreadable(error))
    throw error
  }
}

/** Everything the database has of a job, as it lies there: for one that cannot be read. @throws NotFoundError */
export async function exportRaw(slug: string): Promise<Record<string, unknown[]>> {
  const { sequelize, tables } = await openDatabase()
  const [job] = await readRows(tables.jobs, { where: { slug } })
  if (!job) throw new NotFoundError('This job')
  const rowsOf = (table: string, column: string) =>
    sequelize.query(`SELECT * FROM "${table}" WHERE "${column}" = ? ORDER BY rowid`, {
      replacements: [job.id],
      type: QueryTypes.SELECT,
    })
  const ofJob = Object.entries(sumOfColumns(MIGRATIONS)).filter(([, columns]) => 'jobId' in columns)
  const entries = ofJob.map(async ([name]) => [name, await rowsOf(name, 'jobId')] as const)
  return { jobs: await rowsOf('jobs', 'id'), ...Object.fromEntries(await Promise.all(entries)) }
}

const SHELF = `
  SELECT j.*,
    EXISTS (SELECT 1 FROM bats b WHERE b.jobId = j.id) AS isApproved,
    EXISTS (SELECT 1 FROM prints n WHERE n.jobId = j.id) AS isNumbered,
    (SELECT imageId FROM plate_states s WHERE s.jobId = j.id AND imageId IS NOT NULL ORDER BY state DESC LIMIT 1) AS imageId
  FROM jobs j ORDER BY j.createdAt DESC, j.id`

type ShelfRow = JobRow & { isApproved: number; isNumbered: number; imageId: string | null }

function phaseOf(job: ShelfRow, accepted: number): JobSummary['phase'] {
  if (job.isNumbered) return 'signed'
  if (!job.isApproved && purposeFacts(job.purpose).asksBat) return 'proving'
  return accepted >= printsWanted(job) ? 'sorting' : 'edition'
}

/** The jobs of the shelf, newest first: those put away and those in the bin are not on it. */
export const listJobs = async (): Promise<JobSummary[]> =>
  (await listAllJobs()).filter(({ putAway }) => putAway === null)

/** Every job there is, newest first, wherever it lies. */
export const listAllJobs = (): Promise<readonly JobSummary[]> => whileUnchanged('jobs', readAllJobs)

async function readAllJobs(): Promise<readonly JobSummary[]> {
  const { sequelize } = await openDatabase()
  const rows = await sequelize.query<ShelfRow>(SHELF, { type: QueryTypes.SELECT })
  const counted = await countJobs()
  return rows.flatMap((row) => {
    const counts = counted.get(row.id)
    if (!counts) return []
    const { isApproved: _, isNumbered: __, ...job } = row
    const { proofs, accepted, rejected, lastPulledAt } = counts
    return [
      {
        ...job,
        proofs,
        accepted,
        rejected,
        lastAt: lastPulledAt ?? job.createdAt,
        phase: phaseOf(row, accepted),
      },
    ]
  })
}

/** The state a plate is in is known by its history and cannot be typed. */
async function checkPlateState({ job, tables, transaction }: JobChange, bench: Bench): Promise<void> {
  // The states kept are those of the first run's plate; a later run's plate has its state as typed.
  if (!bench.plate || job.openRun > 0) return
  const state = Math.max(1, await greatest(tables.plate_states, 'state', { jobId: job.id }, transaction))
  if (bench.plate.state !== state)
    throw new FieldError([
      { field: 'state', message: `The plate is in state ${state}; open the next state to go on from it.` },
    ])
}

/**
 * Keeps the setting of one station. The first time a plate is set, its first state opens.
 *
 * @param said where its values come from, by path within the station; left out: nobody knows
 * @throws ZodError or FieldError naming the field; ConflictError
 */
export async function saveStation(
  jobId: string,
  revision: number,
  station: SettingStation,
  value: unknown,
  at: string,
  said: Origins = {},
): Promise<number> {
  const setting = STATION_SETTINGS[station].parse(value)
  return changeJob(jobId, revision, async (change) => {
    const before = await benchOf(change)
    const origins = originsAfter(before.origins ?? {}, station, before[station], setting, said)
    const bench = { ...before, [station]: setting, origins }
    const problems = checkBench(bench).filter((problem) => problem.station === station)
    if (problems.length > 0) throw new FieldError(problems)
    if (station === 'plate') await checkPlateState(change, bench)
    if (station === 'plate' && change.job.openRun === 0) {
      await change.tables.plate_states.findOrCreate({
        where: { jobId, state: 1 },
        defaults: { jobId, state: 1, note: '', openedAt: at, imageId: null },
        transaction: change.transaction,
      })
    }
    await setBench(change, bench)
  })
}

/** Puts the whole bench back to earlier settings; the plate's state stays what it is. */
export async function restoreBench(jobId: string, revision: number, bench: Bench): Promise<number> {
  return changeJob(jobId, revision, async (change) => {
    const problems = checkBench(bench)
    if (problems.length > 0) throw new FieldError(problems)
    await checkPlateState(change, bench)
    await setBench(change, bench)
  })
}

/** Refuses a change to an edition whose numbers are given. */
export async function refuseWhenNumbered({ job, tables, transaction }: JobChange): Promise<void> {
  if ((await tables.prints.count({ where: { jobId: job.id }, transaction })) > 0)
    throw new FieldError([{ field: '', message: 'The numbers are given: this edition is closed.' }])
}

/** Declares how large the edition is, until its numbers are given. */
export async function declareEditionSize(jobId: string, revision: number, size: number): Promise<number> {
  const declared = editionSize.safeParse(size)
  if (!declared.success)
    throw new FieldError([{ field: 'editionSize', message: declared.error.issues[0].message }])
  return changeJob(jobId, revision, async (change) => {
    await refuseWhenNumbered(change)
    await change.tables.jobs.update(
      { editionSize: declared.data },
      { where: { id: jobId }, transaction: change.transaction },
    )
  })
}
