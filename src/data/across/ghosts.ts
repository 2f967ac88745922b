import { QueryTypes } from 'sequelize'
import { openDatabase } from '../database/database'

/** What ghosts kept of their first impressions, as they were judged in this workshop; the last word on each holds. */
export async function loadGhostShares(): Promise<number[]> {
  const { sequelize } = await openDatabase()
  const rows = await sequelize.query<{ kept: number }>(
    `SELECT json_extract(event, '$.laid.kept') AS kept, max(id) FROM pull_events
     WHERE subject LIKE 'laid.%' AND json_extract(event, '$.laid.way') = 'ghost' AND json_extract(event, '$.laid.kept') IS NOT NULL
     GROUP BY jobId, pullId, subject`,
    { type: QueryTypes.SELECT },
  )
  return rows.map(({ kept }) => kept)
}
