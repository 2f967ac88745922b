import type { Transaction } from 'sequelize'
import {
  eventProblem,
  keptMakingEventSchema,
  makingEventSchema,
  makingSchema,
  readMaking,
  type KeptMakingEvent,
  type Making,
  type MakingEvent,
} from '@/core/plate/making'
import { exposuresOf, isExposed, type Exposures } from '@/core/plate/exposurePlan'
import { procedureSchema, type Procedure } from '@/core/plate/procedure'
import { label } from '@/core/units/schemas'
import { openDatabase, write } from '../database/database'
import { FieldError, NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'
import { freeSlug } from '../database/slug'
import type { Tables } from '../database/tables'

/** A procedure of the workshop's own. */
export interface KeptProcedure {
  id: string
  procedure: Procedure
}

/** Keeps a variant as a procedure of the workshop's own; earlier ones stay. */
export async function keepProcedure(input: Procedure, by: string, at: string): Promise<string> {
  const procedure = procedureSchema.parse(input)
  return write(async (tables, transaction) => {
    if ((await tables.procedures.count({ where: { name: procedure.name }, transaction })) > 0)
      throw new FieldError([
        { field: 'name', message: `${procedure.name} is there already: give the variant a name of its own.` },
      ])
    const id = await freeSlug(
      procedure.name,
      async (slug) => (await tables.procedures.count({ where: { id: slug }, transaction })) > 0,
    )
    await tables.procedures.create(
      { id, name: procedure.name, procedure, at, by: label.parse(by) },
      { transaction },
    )
    return id
  })
}

/** The workshop's own procedures, newest first. */
export async function loadProcedures(): Promise<KeptProcedure[]> {
  const { tables } = await openDatabase()
  return (await readRows(tables.procedures, { order: [['at', 'DESC']] })).map(({ id, procedure }) => ({
    id,
    procedure: procedureSchema.parse(procedure),
  }))
}

/** Begins the making of a job's plate; the id, made by the device, keeps it from being begun twice. */
export async function beginMaking(
  jobId: string,
  id: string,
  input: Procedure,
  by: string,
  at: string,
): Promise<void> {
  const procedure = procedureSchema.parse(input)
  await write(async (tables, transaction) => {
    if ((await tables.makings.count({ where: { id }, transaction })) > 0) return
    if ((await tables.jobs.count({ where: { id: jobId }, transaction })) === 0)
      throw new NotFoundError('This job')
    await tables.makings.create(
      { id: label.parse(id), jobId, procedure, startedAt: at, by: label.parse(by) },
      { transaction },
    )
  })
}

async function eventsOf(
  tables: Tables,
  makingId: string,
  transaction?: Transaction,
): Promise<KeptMakingEvent[]> {
  const rows = await readRows(tables.making_events, { where: { makingId }, order: ['id'], transaction })
  return rows.map(({ event, at, by }) => keptMakingEventSchema.parse({ ...event, at, by }))
}

/** Adds what happened at a step. What cannot be said now is refused; the same word as the last one is not written twice. */
export async function addMakingEvent(
  makingId: string,
  input: MakingEvent,
  by: string,
  at: string,
): Promise<void> {
  const event = makingEventSchema.parse(input)
  await write(async (tables, transaction) => {
    const [making] = await readRows(tables.makings, { where: { id: makingId }, transaction })
    if (!making) throw new NotFoundError('This making')
    const before = await eventsOf(tables, makingId, transaction)
    const last = before.at(-1)
    if (last && last.kind === event.kind && last.stepId === event.stepId && last.note === event.note) return
    const problem = eventProblem(procedureSchema.parse(making.procedure), before, event)
    if (problem) throw new FieldError([{ field: 'stepId', message: problem }])
    await tables.making_events.create({ makingId, event, at, by: label.parse(by) }, { transaction })
  })
}

/** Every making of a job's plate with all that happened, newest first. */
export async function loadMakings(jobId: string): Promise<Making[]> {
  const { tables } = await openDatabase()
  const rows = await readRows(tables.makings, { where: { jobId }, order: [['startedAt', 'DESC']] })
  return Promise.all(
    rows.map(async ({ id, procedure, startedAt, by }) =>
      makingSchema.parse({ id, procedure, startedAt, by, events: await eventsOf(tables, id) }),
    ),
  )
}

/** Makings looked through for the last one that was exposed. */
const LOOKED_THROUGH = 20

/** What the last photopolymer of the workshop was exposed for, and of which job; null: none was exposed yet. */
export async function loadLastExposure(): Promise<(Exposures & { title: string; at: string }) | null> {
  const { tables } = await openDatabase()
  const rows = await readRows(tables.makings, { order: [['startedAt', 'DESC']], limit: LOOKED_THROUGH })
  for (const { id, jobId, procedure, startedAt } of rows) {
    const read = procedureSchema.parse(procedure)
    const exposures = read.method === 'photopolymer' ? exposuresOf(read) : null
    if (!exposures) continue
    const { steps } = readMaking({ procedure: read, events: await eventsOf(tables, id) })
    if (!steps.some(isExposed)) continue
    const [job] = await readRows(tables.jobs, { where: { id: jobId } })
    return { ...exposures, title: job.title, at: startedAt }
  }
  return null
}
