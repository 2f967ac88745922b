import {
  checkZoneMap,
  keptZoneMapSchema,
  zoneMapSchema,
  type KeptZoneMap,
  type ZoneMap,
} from '@/core/plate/zoneMap'
import { label } from '@/core/units/schemas'
import { benchOf, type JobChange } from '../across/changeJob'
import { openDatabase, write } from '../database/database'
import { ConflictError, FieldError, NotFoundError } from '../database/errors'
import { greatest } from '../database/greatest'
import { readRows } from '../database/readRows'

/** Refuses a map with a zone that cannot be: off the plate, crossing itself, named twice. */
async function refuseImpossible(change: JobChange, map: ZoneMap): Promise<void> {
  const { plate } = await benchOf(change)
  if (!plate) throw new FieldError([{ field: '', message: 'Set the plate first: zones lie on it.' }])
  const refused = checkZoneMap(map, plate).filter(({ weight }) => weight === 'refused')
  if (refused.length > 0)
    throw new FieldError(refused.map(({ zoneId, message }) => ({ field: zoneId, message })))
}

/**
 * Keeps a zone map as the next version; a map like the last one makes none.
 *
 * @param after the version it was drawn from; another one since then is a conflict
 * @returns the version it is kept as
 */
export async function keepZoneMap(
  jobId: string,
  after: number,
  input: ZoneMap,
  by: string,
  at: string,
): Promise<number> {
  const map = zoneMapSchema.parse(input)
  return write(async (tables, transaction) => {
    const [job] = await readRows(tables.jobs, { where: { id: jobId }, transaction })
    if (!job) throw new NotFoundError('This job')
    const version = await greatest(tables.zone_maps, 'version', { jobId }, transaction)
    const [last] = await readRows(tables.zone_maps, { where: { jobId, version }, transaction })
    if (last && JSON.stringify(zoneMapSchema.parse(last.map)) === JSON.stringify(map)) return version
    if (version !== after) throw new ConflictError()
    await refuseImpossible({ job, tables, transaction }, map)
    await tables.zone_maps.create(
      { jobId, version: version + 1, map, at, by: label.parse(by) },
      { transaction },
    )
    return version + 1
  })
}

/** All versions of a job's zone map, the newest last. */
export async function loadZoneMaps(jobId: string): Promise<KeptZoneMap[]> {
  const { tables } = await openDatabase()
  return (await readRows(tables.zone_maps, { where: { jobId }, order: ['version'] })).map(
    ({ jobId: _, ...kept }) => keptZoneMapSchema.parse(kept),
  )
}

/** The newest zone map of a job, or null. */
export async function latestZoneMap(jobId: string): Promise<KeptZoneMap | null> {
  const { tables } = await openDatabase()
  const [row] = await readRows(tables.zone_maps, { where: { jobId }, order: [['version', 'DESC']], limit: 1 })
  if (!row) return null
  const { jobId: _, ...kept } = row
  return keptZoneMapSchema.parse(kept)
}
