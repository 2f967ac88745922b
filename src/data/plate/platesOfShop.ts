import { QueryTypes } from 'sequelize'
import { z } from 'zod'
import { plateOfShopSchema, type PlateOfShop } from '@/core/plate/standsHere'
import { openDatabase } from '../database/database'

/**
 * The plates of this workshop that were printed and never faced: how many pulls each had made when a print of it was first said to come
 * from a worn plate, or so far. The last word on a fault holds.
 */
const PLATES = `
  WITH worn AS (
    SELECT e.jobId, p.runPosition, min(p.place) AS place
    FROM pull_events e JOIN pulls p ON p.jobId = e.jobId AND p.id = e.pullId
    WHERE e.subject LIKE 'fault.%' AND json_extract(e.event, '$.cause') = 'worn-plate'
      AND NOT EXISTS (
        SELECT 1 FROM pull_events n WHERE n.jobId = e.jobId AND n.pullId = e.pullId AND n.subject = e.subject AND n.id > e.id
      )
    GROUP BY e.jobId, p.runPosition
  )
  SELECT r.jobId AS jobId, json_extract(r.bench, '$.plate.kind') AS kind,
    r.earlierPulls + count(p.id) AS pulls, w.place IS NOT NULL AS isWorn
  FROM runs r JOIN pulls p ON p.jobId = r.jobId AND p.runPosition = r.position
  LEFT JOIN worn w ON w.jobId = r.jobId AND w.runPosition = r.position
  WHERE (w.place IS NULL OR p.place <= w.place) AND r.jobId NOT IN (SELECT jobId FROM facings)
  GROUP BY r.jobId, r.position`

/** Every plate of the workshop that printed, by its kind. A bench that holds no plate any more, or a kind of a later release, is left out. */
export async function loadPlatesOfShop(): Promise<PlateOfShop[]> {
  const { sequelize } = await openDatabase()
  const rows = await sequelize.query<Record<string, unknown>>(PLATES, { type: QueryTypes.SELECT })
  const known = z.array(z.unknown()).parse(rows)
  return known.flatMap((row) => {
    const { isWorn, ...plate } = row as { isWorn: unknown }
    const read = plateOfShopSchema.safeParse({ ...plate, isWorn: isWorn === 1 })
    return read.success ? [read.data] : []
  })
}
