import { QueryTypes } from 'sequelize'
import { nameOfGiven, newGivenSchema, type GivenSheet, type NewGiven } from '@/core/edition/givenSheets'
import { isPrint, readPull } from '@/core/edition/readPull'
import { refuseMove, standingOf, type CustodyMove } from '@/core/record/custody'
import { positive } from '@/core/units/schemas'
import { openDatabase } from '../database/database'
import { FieldError, NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'
import { custodyOf } from '../record/custody'
import { readJobRecord, type JobRecord } from '../record/jobRecord'
import { loadJob, refuseWhenNumbered } from '../shop/jobs'
import { changeJob, type JobChange } from './changeJob'
import { freshSheet } from './runs'

/** A job of this workshop that has numbered prints. */
export interface GivingJob {
  slug: string
  title: string
  prints: number
}

/** A numbered print that could be printed over. */
export interface OfferedPrint {
  pullId: string
  mark: string
  imageId: string | null
  /** why it cannot; null: it can */
  refused: string | null
}

/** Jobs whose numbered prints could be printed over, newest first. @param besides the job that would begin on them */
export async function listGivingJobs(besides: string): Promise<GivingJob[]> {
  const { sequelize } = await openDatabase()
  return sequelize.query<GivingJob>(
    `SELECT j.slug, j.title, count(*) AS prints FROM prints p JOIN jobs j ON j.id = p.jobId
     WHERE j.id <> ? GROUP BY j.id ORDER BY j.createdAt DESC, j.id`,
    { replacements: [besides], type: QueryTypes.SELECT },
  )
}

/** The last picture that was taken of a sheet. */
function pictureOf({ pulls }: Pick<JobRecord, 'pulls'>, sheet: number): string | null {
  const pictures = pulls
    .filter((pull) => pull.sheet === sheet)
    .flatMap((pull) => {
      const { scans, verdict } = readPull(pull)
      return (scans.dry ?? scans.wet)?.imageId ?? verdict?.imageId ?? []
    })
  return pictures.at(-1) ?? null
}

/** When a sheet was last printed, or worked on by hand. */
function lastWorkedOn({ pulls, sheetMarks }: JobRecord, sheet: number): string | null {
  const moments = [
    ...pulls.filter((pull) => pull.sheet === sheet).map(({ pulledAt }) => pulledAt),
    ...sheetMarks.filter((mark) => mark.sheet === sheet && mark.mark === 'done').map(({ at }) => at),
  ]
  return moments.toSorted().at(-1) ?? null
}

const OVERPRINTED = (title: string): CustodyMove => ({
  kind: 'overprinted',
  to: title,
  receipt: '',
  note: '',
})

/** Numbered prints of a job, each with its picture and whether it is there to be printed over. */
export async function loadOfferedPrints(slug: string): Promise<{ jobId: string; prints: OfferedPrint[] }> {
  const job = await loadJob(slug)
  const { tables } = await openDatabase()
  const moves = await custodyOf(job.id, { tables })
  return {
    jobId: job.id,
    prints: job.prints.map(({ pullId, mark }) => ({
      pullId,
      mark,
      imageId: pictureOf(job, job.pulls.find(({ id }) => id === pullId)?.sheet ?? 0),
      refused: refuseMove(standingOf(moves, pullId), OVERPRINTED(job.title)),
    })),
  }
}

/** Prints of another job as they are taken in, each noted there as printed over. */
async function fromJob(
  { job, tables, transaction }: JobChange,
  from: { jobId: string; pullIds: string[] },
  by: string,
  at: string,
): Promise<Omit<GivenSheet, 'sheet'>[]> {
  const [row] = await readRows(tables.jobs, { where: { id: from.jobId }, transaction })
  if (!row || row.id === job.id) throw new NotFoundError('This job')
  const other = await readJobRecord(row, tables, transaction)
  const moves = await custodyOf(row.id, { tables, transaction })
  const move = OVERPRINTED(job.title)
  const given = [...new Set(from.pullIds)].map((pullId) => {
    const print = other.prints.find((one) => one.pullId === pullId)
    if (!print) throw new NotFoundError('This print')
    const refused = refuseMove(standingOf(moves, pullId), move)
    if (refused) throw new FieldError([{ field: 'prints', message: `${print.mark}: ${refused}` }])
    const { sheet } = other.pulls.find(({ id }) => id === pullId)!
    return {
      mark: print.mark,
      source: other.artist === job.artist ? other.title : `${other.title}, by ${other.artist}`,
      imageId: pictureOf(other, sheet),
      printedAt: lastWorkedOn(other, sheet),
      print: { jobId: row.id, pullId },
      by,
      at,
    }
  })
  await tables.custody.bulkCreate(
    given.map(({ print }) => ({ ...print, move, at, by })),
    { transaction },
  )
  return given
}

/**
 * Takes existing prints into a job: its sheets begin with them. One of this workshop is noted in its own record as printed over.
 *
 * @throws FieldError where fresh sheets were printed already, or a print is not there; NotFoundError; ConflictError
 */
export async function giveSheets(
  jobId: string,
  revision: number,
  input: NewGiven,
  at: string,
): Promise<number> {
  const { prints, by } = newGivenSchema.parse(input)
  return changeJob(jobId, revision, async (change) => {
    await refuseWhenNumbered(change)
    const { job, tables, transaction } = change
    const { pulls, givenSheets } = await readJobRecord(job, tables, transaction)
    const isOnFresh = pulls.some(
      (pull) =>
        isPrint(pull) && pull.runPosition === 0 && !givenSheets.some(({ sheet }) => sheet === pull.sheet),
    )
    if (isOnFresh)
      throw new FieldError([
        {
          field: 'prints',
          message: 'Prints were pulled on fresh sheets here: begin another job for existing prints.',
        },
      ])
    const taken =
      prints.from === 'job'
        ? await fromJob(change, prints, by, at)
        : [
            {
              mark: prints.mark,
              source: prints.source,
              imageId: prints.imageId,
              printedAt: null,
              print: null,
              by,
              at,
            },
          ]
    const twice = taken.find((one) =>
      givenSheets.some(({ mark, source }) => mark === one.mark && source === one.source),
    )
    if (twice) throw new FieldError([{ field: 'mark', message: `${nameOfGiven(twice)} is here already.` }])
    const first = await freshSheet(change)
    await tables.given_sheets.bulkCreate(
      taken.map(({ print, ...given }, i) => ({
        ...given,
        jobId,
        sheet: first + i,
        fromJobId: print?.jobId ?? null,
        fromPullId: print?.pullId ?? null,
      })),
      { transaction },
    )
  })
}

/** Gives an existing print back while nothing was done to it. @throws FieldError, NotFoundError, ConflictError */
export async function giveBack(
  jobId: string,
  revision: number,
  sheetGiven: number,
  by: string,
  at: string,
): Promise<number> {
  const sheet = positive.int().parse(sheetGiven)
  return changeJob(jobId, revision, async ({ tables, transaction }) => {
    const where = { jobId, sheet }
    const [given] = await readRows(tables.given_sheets, { where, transaction })
    if (!given) throw new NotFoundError('This print')
    const touched =
      (await tables.pulls.count({ where, transaction })) +
      (await tables.sheet_marks.count({ where, transaction }))
    if (touched > 0)
      throw new FieldError([{ field: '', message: `${nameOfGiven(given)} was worked on: it stays.` }])
    await tables.given_sheets.destroy({ where, transaction })
    if (given.fromJobId && given.fromPullId)
      await tables.custody.create(
        {
          jobId: given.fromJobId,
          pullId: given.fromPullId,
          move: { kind: 'returned', to: '', receipt: '', note: '' },
          at,
          by,
        },
        { transaction },
      )
  })
}
