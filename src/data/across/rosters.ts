import { z } from 'zod'
import {
  makerOf,
  makerSchema,
  rosterSchema,
  underPlate,
  withoutNames,
  withTurns,
  type Maker,
  type Roster,
} from '@/core/edition/roster'
import { isPrint, readPull } from '@/core/edition/readPull'
import { completeBench } from '@/core/prove/completeBench'
import { purposeFacts } from '@/core/prove/purpose'
import { positive } from '@/core/units/schemas'
import { openDatabase } from '../database/database'
import { FieldError, NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'
import { readJobRecord } from '../record/jobRecord'
import { changeJob, type JobChange } from './changeJob'
import { newPullSchema, pullFrom, readyBench, wasPulled, type NewPull } from './pulls'

async function rosterOf({ job, tables, transaction }: JobChange): Promise<Roster | null> {
  const [row] = await readRows(tables.rosters, { where: { jobId: job.id }, transaction })
  return row ? rosterSchema.parse(row.roster) : null
}

async function keep({ job, tables, transaction }: JobChange, roster: Roster): Promise<void> {
  await tables.rosters.upsert({ jobId: job.id, roster: rosterSchema.parse(roster) }, { transaction })
}

async function rosterToChange(change: JobChange): Promise<Roster> {
  const roster = await rosterOf(change)
  if (!roster) throw new NotFoundError('This class')
  return roster
}

/** The class of a job; null: none was listed. */
export async function loadRoster(jobId: string): Promise<Roster | null> {
  const { tables } = await openDatabase()
  const [row] = await readRows(tables.rosters, { where: { jobId } })
  return row ? rosterSchema.parse(row.roster) : null
}

/** Keeps who is in the class; whoever has a print stays on the list. */
export async function keepRoster(
  jobId: string,
  revision: number,
  input: z.input<typeof rosterSchema>,
): Promise<number> {
  const wished = rosterSchema.parse(input)
  // Worked out before the write begins: for many people it takes a moment, and nobody else is to wait for it.
  const kept = await loadRoster(jobId)
  const roster = isPlannedAlike(kept, wished) ? { ...wished, turns: kept!.turns } : withTurns(wished)
  return changeJob(jobId, revision, async (change) => {
    if (!purposeFacts(change.job.purpose).hasRoster)
      throw new FieldError([{ field: '', message: 'This job is for no class: say so at Runs first.' }])
    const { pulls } = await readJobRecord(change.job, change.tables, change.transaction)
    const before = await rosterOf(change)
    const printed = new Set(pulls.filter(isPrint).map((pull) => readPull(pull).maker))
    const gone = before?.makers.find(
      ({ id }) => printed.has(id) && !roster.makers.some((maker) => maker.id === id),
    )
    if (gone)
      throw new FieldError([
        { field: 'makers', message: `${gone.name} has a print here: they stay on the list.` },
      ])
    await keep(change, roster)
  })
}

/** Whether two lists are planned alike, so that the order need not be worked out again. */
function isPlannedAlike(before: Roster | null, after: Roster): boolean {
  const said = ({ makers, places, presses, order }: Roster) =>
    JSON.stringify([
      places,
      presses,
      order,
      makers.map(({ id, prepMinutes, pressMinutes }) => [id, prepMinutes, pressMinutes]),
    ])
  return before !== null && said(before) === said(after)
}

const withChange = (roster: Roster, id: number, said: Partial<Maker>): Roster => ({
  ...roster,
  makers: roster.makers.map((maker) => (maker.id === id ? { ...maker, ...said } : maker)),
})

function makerIn(roster: Roster, id: number): Maker {
  const maker = roster.makers.find((one) => one.id === id)
  if (!maker) throw new NotFoundError('This maker')
  return maker
}

/** What is said of a maker at the press: how they stand, or what their plate is of. */
export const makerChangeSchema = makerSchema.pick({ standing: true, kind: true }).partial()

/** Says of a maker that they are late, not here, to come again or ended at the wiped plate; or what their plate is of. */
export async function changeMaker(
  jobId: string,
  revision: number,
  makerId: number,
  input: z.input<typeof makerChangeSchema>,
): Promise<number> {
  const said = makerChangeSchema.parse(input)
  return changeJob(jobId, revision, async (change) => {
    const roster = await rosterToChange(change)
    makerIn(roster, makerId)
    await keep(change, withChange(roster, makerId, said))
  })
}

/** What printing somebody's plate is sent with. */
export const makerPullSchema = z.strictObject({ makerId: positive.int(), pull: newPullSchema })

/**
 * Pulls a maker's plate: from the bench, with their plate's own thickness and kind and what brings it to the height of the thickest. The
 * print is theirs from here on, and kept.
 */
export async function pullForMaker(
  jobId: string,
  revision: number,
  makerId: number,
  input: NewPull,
  at: string,
): Promise<number> {
  const pull = newPullSchema.parse(input)
  const make = async (change: JobChange) => {
    const roster = await rosterToChange(change)
    const maker = makerIn(roster, makerId)
    const { pulls } = await readJobRecord(change.job, change.tables, change.transaction)
    // A button pressed again after a lost answer makes no second print.
    if (maker.standing === 'printed' && pulls.some((one) => makerOf(one) === makerId))
      throw new FieldError([
        { field: '', message: `${maker.name} has printed. Call them up again for another.` },
      ])
    const settings = await readyBench(change)
    const own = completeBench(
      {
        ...settings,
        plate: {
          ...settings.plate,
          name: `Plate of maker ${maker.id}`,
          kind: maker.kind ?? settings.plate.kind,
          thicknessMm: maker.thicknessMm,
        },
        press: { ...settings.press, makeReadyMm: underPlate(roster, maker.thicknessMm) },
      },
      change.job.purpose,
    )
    if (!own) throw new FieldError([{ field: '', message: 'The plate does not fit its sheet.' }])
    await pullFrom(change, pull, own, at)
    const subjects = [
      { kind: 'maker' as const, maker: maker.id },
      { kind: 'decision' as const, decision: 'accepted' as const, reason: '', fate: null },
    ]
    await change.tables.pull_events.bulkCreate(
      subjects.map((event) => ({
        jobId,
        pullId: pull.id,
        subject: event.kind,
        event,
        at,
        // Names of makers stand on the roster alone, so that they can be taken out.
        by: pull.hands.inked ?? 'The class',
        why: null,
      })),
      { transaction: change.transaction },
    )
    await keep(change, withChange(roster, makerId, { standing: 'printed' }))
  }
  return changeJob(jobId, revision, make, (change) => wasPulled(change, pull.id))
}

/** Takes the names out of a class once its prints went home: numbers stand in their place. */
export async function forgetNames(jobId: string, revision: number, today: string): Promise<number> {
  return changeJob(jobId, revision, async (change) => {
    const roster = await rosterToChange(change)
    if (roster.homeOn === null || roster.homeOn > today)
      throw new FieldError([
        { field: 'homeOn', message: 'The prints have not gone home yet: the names find them.' },
      ])
    await keep(change, withoutNames(roster))
  })
}
