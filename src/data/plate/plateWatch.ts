import { facingSchema, watchSpotSchema, type Facing, type WatchSpot } from '@/core/plate/plateState'
import { openDatabase, write } from '../database/database'
import { FieldError, NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'

/** A watch spot with its place in the database. */
export interface KeptWatchSpot extends WatchSpot {
  id: number
}

/** Keeps a known flaw of the plate as a spot to watch. */
export async function addWatchSpot(jobId: string, input: Omit<WatchSpot, 'goneAt'>): Promise<void> {
  const {
    at: [xMm, yMm],
    ...spot
  } = watchSpotSchema.parse({ ...input, goneAt: null })
  await write(async (tables, transaction) => {
    const [run] = await readRows(tables.runs, { where: { jobId, position: 0 }, transaction })
    const plate = run?.bench.plate
    if (!plate) throw new FieldError([{ field: 'note', message: 'Set the plate first.' }])
    if (xMm < 0 || yMm < 0 || xMm > plate.widthMm || yMm > plate.heightMm)
      throw new FieldError([
        { field: 'at', message: `must lie on the plate, within ${plate.widthMm} × ${plate.heightMm} mm` },
      ])
    await tables.watch_spots.create({ jobId, xMm, yMm, ...spot }, { transaction })
  })
}

/** Marks a watch spot as gone; it stays in the record. */
export async function endWatchSpot(jobId: string, id: number, at: string): Promise<void> {
  await write(async (tables, transaction) => {
    const [changed] = await tables.watch_spots.update(
      { goneAt: at },
      { where: { jobId, id, goneAt: null }, transaction },
    )
    if (changed === 0 && (await tables.watch_spots.count({ where: { jobId, id }, transaction })) === 0)
      throw new NotFoundError('This spot')
  })
}

/** Every watch spot of a job's plate, in the order they were seen. */
export async function loadWatchSpots(jobId: string): Promise<KeptWatchSpot[]> {
  const { tables } = await openDatabase()
  return (await readRows(tables.watch_spots, { where: { jobId }, order: ['id'] })).map(
    ({ id, jobId: _, xMm, yMm, ...spot }) => ({
      id: id!,
      ...watchSpotSchema.parse({ ...spot, at: [xMm, yMm] }),
    }),
  )
}

/** Records a steel facing, with the pulls the plate had before it. */
export async function addFacing(jobId: string, input: Omit<Facing, 'afterPulls'>): Promise<void> {
  await write(async (tables, transaction) => {
    const afterPulls = await tables.pulls.count({ where: { jobId }, transaction })
    await tables.facings.create({ jobId, ...facingSchema.parse({ ...input, afterPulls }) }, { transaction })
  })
}

/** The steel facings of a job's plate, the newest last. */
export async function loadFacings(jobId: string): Promise<Facing[]> {
  const { tables } = await openDatabase()
  return (await readRows(tables.facings, { where: { jobId }, order: ['id'] })).map(
    ({ id: _, jobId: __, ...facing }) => facingSchema.parse(facing),
  )
}
