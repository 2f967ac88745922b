import { hasName } from '@/core/units/byName'
import { z } from 'zod'
import {
  newDrynessSchema,
  newSheetMarkSchema,
  noSheetWords,
  RUN_KINDS,
  runSchema,
  runWishSchema,
  sheetLines,
  sheetsWaiting,
  type NewDryness,
  type RunWish,
} from '@/core/edition/runs'
import { dryingWords, SAY_DRY_AT, sheetsToPrint, waitingToDry } from '@/core/edition/dryBetween'
import type { PullKind } from '@/core/edition/pullKinds'
import { batSchema } from '@/core/record/jobFile'
import { PURPOSE_KEYS } from '@/core/prove/purpose'
import { count } from '@/core/units/schemas'
import { changeJob, type JobChange } from './changeJob'
import { FieldError, NotFoundError } from '../database/errors'
import { greatest } from '../database/greatest'
import { readJobRecord } from '../record/jobRecord'
import { refuseWhenNumbered } from '../shop/jobs'
import { readRows } from '../database/readRows'

/** Version of the BAT that says how a run is set; null: none of this run's proofs was approved yet. */
export async function heldVersion(
  { job, tables, transaction }: JobChange,
  runPosition = job.openRun,
): Promise<number | null> {
  const [bat] = await readRows(tables.bats, {
    where: { jobId: job.id },
    order: [['version', 'DESC']],
    limit: 1,
    transaction,
  })
  return bat && batSchema.shape.runs.parse(bat.runs).some(({ position }) => position === runPosition)
    ? bat.version
    : null
}

/** The number of the next fresh sheet. */
export async function freshSheet({ job, tables, transaction }: JobChange): Promise<number> {
  const [pulled, given] = await Promise.all([
    greatest(tables.pulls, 'sheet', { jobId: job.id }, transaction),
    greatest(tables.given_sheets, 'sheet', { jobId: job.id }, transaction),
  ])
  return Math.max(pulled, given) + 1
}

/**
 * The sheet that goes under the roller: a fresh one in the first run, or an existing print where the job begins on those; later, for an
 * edition pull, the lowest that waits, and for a
 * proof the newest proof sheet of the run before that has not had this one.
 *
 * @param dryAt when the sheet has to be dry, where its run wants that; null: it was pulled already, dry or not
 */
export async function sheetForPull(
  { job, tables, transaction }: JobChange,
  kind: PullKind,
  dryAt: string | null,
  runPosition = job.openRun,
): Promise<number> {
  const fresh = () => freshSheet({ job, tables, transaction })
  const given =
    runPosition > 0 ? 0 : await tables.given_sheets.count({ where: { jobId: job.id }, transaction })
  if (runPosition === 0 && (given === 0 || kind !== 'edition')) return fresh()
  const record = await readJobRecord(job, tables, transaction)
  const { runs, pulls } = record
  const place = runs.findIndex(({ position }) => position === runPosition)
  if (kind === 'edition') {
    const [sheet] = sheetsToPrint(record, place, dryAt)
    const stillWet = dryAt === null ? null : dryingWords(waitingToDry(record, place, dryAt))
    if (sheet === undefined && stillWet)
      throw new FieldError([{ field: '', message: `${stillWet} ${SAY_DRY_AT}` }])
    if (sheet === undefined) throw new FieldError([{ field: '', message: noSheetWords(runs, place) }])
    return sheet
  }
  const had = new Set(pulls.filter((pull) => pull.runPosition === runPosition).map(({ sheet }) => sheet))
  const before = runs[place - 1].position
  return (
    pulls.findLast((pull) => pull.kind === kind && pull.runPosition === before && !had.has(pull.sheet))
      ?.sheet ?? fresh()
  )
}

/** Adds a run after the last. Its bench begins as the one before it, with a plate of its own. */
export async function addRun(
  jobId: string,
  revision: number,
  input: z.input<typeof runWishSchema>,
): Promise<number> {
  const wish = runWishSchema.parse(input)
  return changeJob(jobId, revision, async (change) => {
    await refuseWhenNumbered(change)
    const { tables, transaction } = change
    const runs = await runsOf(change)
    if (runs.length >= 12)
      throw new FieldError([{ field: 'name', message: 'A sheet goes through at most 12 runs.' }])
    if (hasName(runs, wish.name))
      throw new FieldError([{ field: 'name', message: 'A run of this name is there already.' }])
    const last = runs.at(-1)!
    const bench = {
      ...last.bench,
      plate: last.bench.plate ? { ...last.bench.plate, name: wish.name, state: 1 } : null,
    }
    await tables.runs.create(
      { jobId, position: last.position + 1, ...wish, bench, earlierPulls: 0 },
      { transaction },
    )
  })
}

/** Changes what a run is called and what comes before it; its kind stays once something was pulled in it. */
export async function changeRun(
  jobId: string,
  revision: number,
  position: number,
  input: RunWish,
): Promise<number> {
  const wish = runWishSchema.parse(input)
  return changeJob(jobId, revision, async (change) => {
    await refuseWhenNumbered(change)
    const { tables, transaction } = change
    const run = (await runsOf(change)).find((one) => one.position === position)
    if (!run) throw new NotFoundError('This run')
    if (run.kind !== wish.kind && (await wasBegun(change, position)))
      throw new FieldError([
        { field: 'kind', message: 'Sheets went through it already: what kind of run it is stays.' },
      ])
    if (position === 0 && !RUN_KINDS[wish.kind].press)
      throw new FieldError([
        { field: 'kind', message: 'The first run goes through the press: a sheet begins its life there.' },
      ])
    await tables.runs.update(wish, { where: { jobId, position }, transaction })
  })
}

/** Takes the last run away again, while nothing went through it. */
export async function removeRun(jobId: string, revision: number, position: number): Promise<number> {
  return changeJob(jobId, revision, async (change) => {
    await refuseWhenNumbered(change)
    const { job, tables, transaction } = change
    const runs = await runsOf(change)
    if (position === 0 || runs.at(-1)?.position !== position)
      throw new FieldError([
        { field: '', message: 'Only the last run can be taken away, and never the first.' },
      ])
    if (await wasBegun(change, position))
      throw new FieldError([{ field: '', message: 'Sheets went through this run: it stays.' }])
    await tables.runs.destroy({ where: { jobId, position }, transaction })
    if (job.openRun === position)
      await tables.jobs.update({ openRun: 0 }, { where: { id: jobId }, transaction })
  })
}

/** Puts another run on the bench: every station then shows and sets that run. */
export async function openRun(jobId: string, revision: number, position: number): Promise<number> {
  return changeJob(jobId, revision, async (change) => {
    const run = (await runsOf(change)).find((one) => one.position === position)
    if (!run) throw new NotFoundError('This run')
    if (!RUN_KINDS[run.kind].press)
      throw new FieldError([
        { field: '', message: 'A run by hand has no bench: its sheets are marked off one by one.' },
      ])
    await change.tables.jobs.update(
      { openRun: position },
      { where: { id: jobId }, transaction: change.transaction },
    )
  })
}

/** Marks a sheet done by hand, or lost on its way. Nothing is taken out of the record: a later mark on the same run holds. */
export async function markSheet(
  jobId: string,
  revision: number,
  input: z.input<typeof newSheetMarkSchema>,
  at: string,
): Promise<number> {
  const mark = { ...newSheetMarkSchema.parse(input), at }
  return changeJob(jobId, revision, async (change) => {
    await refuseWhenNumbered(change)
    const { job, tables, transaction } = change
    const record = await readJobRecord(job, tables, transaction)
    const { runs, sheetMarks } = record
    const place = runs.findIndex(({ position }) => position === mark.runPosition)
    const line = sheetLines({
      ...record,
      sheetMarks: sheetMarks.filter(
        (one) => !(one.sheet === mark.sheet && one.runPosition === mark.runPosition),
      ),
    }).find(({ sheet }) => sheet === mark.sheet)
    if (place < 0 || !line)
      throw new FieldError([{ field: 'sheet', message: 'This sheet is not in the edition.' }])
    if (mark.mark === 'done' && RUN_KINDS[runs[place].kind].press)
      throw new FieldError([{ field: 'mark', message: 'A run through the press is done by its pull.' }])
    if (line.steps[place] !== 'waiting')
      throw new FieldError([
        { field: 'mark', message: `Sheet ${mark.sheet} does not wait for “${runs[place].name}”.` },
      ])
    if (mark.mark === 'done') {
      const waiting = waitingToDry(record, place, at).filter(({ sheet }) => sheet === mark.sheet)
      const stillWet = dryingWords(waiting)
      if (stillWet) throw new FieldError([{ field: 'mark', message: stillWet }])
    }
    await tables.sheet_marks.create({ jobId, ...mark }, { transaction })
  })
}

/** Says that sheets before a run are dry by the tissue, or that one goes on although they are wet. */
export async function markDryness(
  jobId: string,
  revision: number,
  input: NewDryness,
  at: string,
): Promise<number> {
  const { sheets, runPosition, mark, by } = newDrynessSchema.parse(input)
  return changeJob(jobId, revision, async (change) => {
    await refuseWhenNumbered(change)
    const { job, tables, transaction } = change
    const record = await readJobRecord(job, tables, transaction)
    const place = record.runs.findIndex(({ position }) => position === runPosition)
    const waiting = place < 0 ? [] : sheetsWaiting(sheetLines(record), place)
    const stray = sheets.find((sheet) => !waiting.includes(sheet))
    if (stray !== undefined)
      throw new FieldError([{ field: 'sheets', message: `Sheet ${stray} does not wait for this run.` }])
    await tables.sheet_marks.bulkCreate(
      sheets.map((sheet) => ({ jobId, sheet, runPosition, mark, why: '', by, at })),
      { transaction },
    )
  })
}

/** Says what a job is for. What was pulled, approved and said before stays as it is. */
export async function setPurpose(jobId: string, revision: number, input: unknown): Promise<number> {
  const purpose = z.enum(PURPOSE_KEYS).parse(input)
  return changeJob(jobId, revision, async (change) => {
    await refuseWhenNumbered(change)
    await change.tables.jobs.update({ purpose }, { where: { id: jobId }, transaction: change.transaction })
  })
}

async function runsOf({ job, tables, transaction }: JobChange) {
  return (await readRows(tables.runs, { where: { jobId: job.id }, order: ['position'], transaction })).map(
    ({ jobId: _, ...run }) => runSchema.parse(run),
  )
}

async function wasBegun({ job, tables, transaction }: JobChange, position: number): Promise<boolean> {
  const where = { jobId: job.id, runPosition: count.parse(position) }
  return (
    (await tables.pulls.count({ where, transaction })) +
      (await tables.sheet_marks.count({ where, transaction })) >
    0
  )
}
