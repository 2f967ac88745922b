import {
  newDryingPlaceSchema,
  placesFree,
  type DryingLoad,
  type DryingPlace,
  type NewDryingPlace,
} from '@/core/dry/dryingPlaces'
import type { Transaction } from 'sequelize'
import { count, label } from '@/core/units/schemas'
import { openDatabase, write } from '../database/database'
import { FieldError, NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'
import { freeSlug } from '../database/slug'
import type { Tables } from '../database/tables'

/** Adds a rack, a stack of boards or a pile. */
export async function addDryingPlace(input: NewDryingPlace): Promise<string> {
  const place = newDryingPlaceSchema.parse(input)
  return write(async (tables, transaction) => {
    const id = await freeSlug(
      place.name,
      async (slug) => (await tables.drying_places.count({ where: { id: slug }, transaction })) > 0,
    )
    await tables.drying_places.create({ ...place, id }, { transaction })
    return id
  })
}

/** Lays prints into a place within a write that is under way. @throws FieldError where they do not go in */
export async function layInto(
  tables: Tables,
  transaction: Transaction,
  load: { placeId: string; jobId: string; sheets: number; laidAt: string; readyAt: string; by: string },
  field: string,
): Promise<void> {
  const [place] = await readRows(tables.drying_places, { where: { id: load.placeId }, transaction })
  if (!place) throw new NotFoundError('This place')
  const free = placesFree(
    place,
    await readRows(tables.drying_loads, { where: { placeId: place.id, takenOutAt: null }, transaction }),
  )
  if (count.parse(load.sheets) > free)
    throw new FieldError([
      { field, message: `${place.name} has ${free} places free, ${load.sheets} prints are to be laid` },
    ])
  await tables.drying_loads.create({ ...load, takenOutAt: null }, { transaction })
}

/** Records that what lies between the prints was changed. */
export async function changeBetween(loadId: number, by: string, at: string): Promise<void> {
  await write(async (tables, transaction) => {
    if ((await tables.drying_loads.count({ where: { id: loadId, takenOutAt: null }, transaction })) === 0)
      throw new NotFoundError('This load')
    await tables.drying_changes.create({ loadId, at, by: label.parse(by) }, { transaction })
  })
}

/** Takes prints out of their place. */
export async function takeOut(loadId: number, at: string): Promise<void> {
  await write(async (tables, transaction) => {
    const [changed] = await tables.drying_loads.update(
      { takenOutAt: at },
      { where: { id: loadId, takenOutAt: null }, transaction },
    )
    if (changed === 0) throw new NotFoundError('This load')
  })
}

/** The workshop's places, and what lies in them. */
export async function loadDryingPlaces(): Promise<{ places: DryingPlace[]; loads: DryingLoad[] }> {
  const { tables } = await openDatabase()
  const [places, loads] = await Promise.all([
    readRows(tables.drying_places, { order: ['name'] }),
    readRows(tables.drying_loads, { where: { takenOutAt: null }, order: ['readyAt'] }),
  ])
  const [changes, jobs] = await Promise.all([
    readRows(tables.drying_changes, { where: { loadId: loads.map(({ id }) => id!) }, order: ['id'] }),
    readRows(tables.jobs, { where: { id: loads.map(({ jobId }) => jobId) } }),
  ])
  return {
    places,
    loads: loads.map(({ id, placeId, jobId, sheets, laidAt, readyAt }) => ({
      id: id!,
      placeId,
      jobId,
      sheets,
      laidAt,
      readyAt,
      title: jobs.find((job) => job.id === jobId)?.title ?? '',
      changedAts: changes.filter(({ loadId }) => loadId === id).map(({ at }) => at),
    })),
  }
}
