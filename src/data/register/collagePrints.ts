import { QueryTypes } from 'sequelize'
import { openDatabase } from '../database/database'

/** A print that was not kept, and is there to be cut up: of which work, by whom. */
export interface CollagePrint {
  title: string
  artist: string
  number: number
}

/** The last word on a pull is what became of it. */
const CUT_UP = `
  SELECT j.title, j.artist, p.number FROM (
    SELECT jobId, pullId, json_extract(event, '$.fate') AS fate, max(id) AS said FROM pull_events
    WHERE subject = 'decision' GROUP BY jobId, pullId
  ) d
  JOIN pulls p ON p.jobId = d.jobId AND p.id = d.pullId
  JOIN jobs j ON j.id = d.jobId
  WHERE d.fate = 'template' ORDER BY d.said DESC LIMIT 50`

/** Prints of this workshop whose fate is template or collage, the newest first. */
export async function loadCollagePrints(): Promise<CollagePrint[]> {
  const { sequelize } = await openDatabase()
  return sequelize.query<CollagePrint>(CUT_UP, { type: QueryTypes.SELECT })
}
