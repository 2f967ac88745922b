import { z } from 'zod'
import {
  keptPressEventSchema,
  pressEventSchema,
  type KeptPressEvent,
  type PressEvent,
} from '@/core/press/pressCard'
import { pressureTrialSchema, type PressureTrial, type TriedPressure } from '@/core/press/pressureTrials'
import { label, moment } from '@/core/units/schemas'
import { openDatabase, write } from '../database/database'
import { NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'

/** Writes on a press's card what happened: zeroing, a parallel check, a test print, upkeep. */
export async function enterPressEvent(
  pressId: string,
  input: PressEvent,
  by: string,
  at: string,
): Promise<void> {
  const kept = keptPressEventSchema.parse({ event: pressEventSchema.parse(input), at, by })
  await write(async (tables, transaction) => {
    if ((await tables.presses.count({ where: { id: pressId }, transaction })) === 0)
      throw new NotFoundError('This press')
    await tables.press_events.create({ pressId, ...kept }, { transaction })
    if (kept.event.kind === 'zeroed')
      await tables.presses.update({ zeroedAt: moment.parse(at) }, { where: { id: pressId }, transaction })
  })
}

/** What stands on the card of a press, oldest first. */
export async function loadPressEvents(pressId: string): Promise<KeptPressEvent[]> {
  const { tables } = await openDatabase()
  return (await readRows(tables.press_events, { where: { pressId }, order: ['id'] })).map(
    ({ event, at, by }) => keptPressEventSchema.parse({ event, at, by }),
  )
}

/** Keeps what the eye said of a setting that had been reckoned, so that the press's correction is learned. */
export async function keepPressureTrial(
  input: { pressId: string; jobId: string; trial: PressureTrial; by: string },
  at: string,
): Promise<void> {
  const { trial, ...row } = z
    .strictObject({ pressId: label, jobId: label, trial: pressureTrialSchema, by: label })
    .parse(input)
  await write(
    async (tables, transaction) =>
      void (await tables.pressure_trials.create({ ...row, trial, at }, { transaction })),
  )
}

/** What was tried on every press, oldest first. */
export async function loadPressureTrials(): Promise<({ pressId: string } & TriedPressure)[]> {
  const { tables } = await openDatabase()
  return (await readRows(tables.pressure_trials, { order: ['id'] })).map(({ pressId, jobId, trial }) => ({
    pressId,
    jobId,
    ...pressureTrialSchema.parse(trial),
  }))
}
