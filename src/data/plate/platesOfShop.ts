import { QueryTypes } from 'sequelize'
import { plateOfShopSchema, type PlateOfShop } from '@/core/plate/standsHere'
import { openDatabase } from '../database/database'
import { readRows } from '../database/readRows'
import { remembered } from '../database/remembered'

/**
 * Plates of some jobs that were printed: how many pulls each had made when a print of it was first said to come from a worn plate, or so
 * far. The last word on a fault holds.
 */
const PLATES = `
  WITH worn AS (
    SELECT e.jobId, p.runPosition, min(p.place) AS place
    FROM pull_events e JOIN pulls p ON p.jobId = e.jobId AND p.id = e.pullId
    WHERE e.jobId IN (:jobs) AND e.subject LIKE 'fault.%' AND json_extract(e.event, '$.cause') = 'worn-plate'
      AND NOT EXISTS (
        SELECT 1 FROM pull_events n WHERE n.jobId = e.jobId AND n.pullId = e.pullId AND n.subject = e.subject AND n.id > e.id
      )
    GROUP BY e.jobId, p.runPosition
  )
  SELECT r.jobId AS jobId, json_extract(r.bench, '$.plate.kind') AS kind,
    r.earlierPulls + count(p.id) AS pulls, w.place IS NOT NULL AS isWorn
  FROM runs r JOIN pulls p ON p.jobId = r.jobId AND p.runPosition = r.position
  LEFT JOIN worn w ON w.jobId = r.jobId AND w.runPosition = r.position
  WHERE r.jobId IN (:jobs) AND (w.place IS NULL OR p.place <= w.place)
  GROUP BY r.jobId, r.position`

/** Reads the plates of some jobs. A bench that holds no plate any more, or a kind of a later release, is left out. */
async function readPlates(jobs: string[]): Promise<Map<string, PlateOfShop[]>> {
  const { sequelize } = await openDatabase()
  const rows = await sequelize.query<{ jobId: string; isWorn: number }>(PLATES, {
    type: QueryTypes.SELECT,
    replacements: { jobs },
  })
  const plates = new Map(jobs.map((id): [string, PlateOfShop[]] => [id, []]))
  for (const { isWorn, ...plate } of rows) {
    const read = plateOfShopSchema.safeParse({ ...plate, isWorn: isWorn === 1 })
    if (read.success) plates.get(plate.jobId)?.push(read.data)
  }
  return plates
}

/** Every plate of the workshop that printed and was never faced, by its kind: a facing is counted from its own day on. */
export async function loadPlatesOfShop(): Promise<PlateOfShop[]> {
  const { tables } = await openDatabase()
  const [plates, facings] = await Promise.all([
    remembered('plates', null, readPlates),
    readRows(tables.facings, { attributes: ['jobId'] }),
  ])
  const faced = new Set(facings.map(({ jobId }) => jobId))
  return [...plates].flatMap(([jobId, own]) => (faced.has(jobId) ? [] : own))
}
