import { QueryTypes } from 'sequelize'
import { openDatabase } from '../database/database'
import { remembered } from '../database/remembered'

/** What is counted of a job's pulls. */
export interface JobCounts {
  proofs: number
  /** prints are accepted once their last pull is */
  accepted: number
  rejected: number
  /** when it was last pulled from; null: not yet */
  lastPulledAt: string | null
  /** sheets that went through a press, by paper */
  sheets: { paperId: string; sheets: number }[]
}

const PULLS = `
  SELECT jobId, sum(kind = 'proof') AS proofs, max(pulledAt) AS lastPulledAt FROM pulls WHERE jobId IN (:jobIds) GROUP BY jobId`

/** The decision that stands is the last that was said. */
const DECISIONS = `
  SELECT s.jobId, sum(s.decision = 'accepted' AND p.runPosition = r.last) AS accepted, sum(s.decision = 'rejected') AS rejected FROM (
    SELECT e.jobId, e.pullId, json_extract(e.event, '$.decision') AS decision, max(e.id) FROM pull_events e
    WHERE e.subject = 'decision' AND e.jobId IN (:jobIds) GROUP BY e.jobId, e.pullId
  ) s
  JOIN pulls p ON p.jobId = s.jobId AND p.id = s.pullId
  JOIN (SELECT jobId, max(position) AS last FROM runs WHERE kind <> 'colouring' GROUP BY jobId) r ON r.jobId = s.jobId
  GROUP BY s.jobId`

const SHEETS = `
  SELECT jobId, paperId, count(*) AS sheets FROM (SELECT DISTINCT jobId, paperId, sheet FROM pulls WHERE jobId IN (:jobIds))
  GROUP BY jobId, paperId`

type Of<T> = T & { jobId: string }

async function count(jobIds: string[]): Promise<Map<string, JobCounts>> {
  const { sequelize } = await openDatabase()
  const ask = <Row extends object>(sql: string) =>
    sequelize.query<Of<Row>>(sql, { type: QueryTypes.SELECT, replacements: { jobIds } })
  const [pulls, decisions, sheets] = await Promise.all([
    ask<Pick<JobCounts, 'proofs' | 'lastPulledAt'>>(PULLS),
    ask<Pick<JobCounts, 'accepted' | 'rejected'>>(DECISIONS),
    ask<JobCounts['sheets'][number]>(SHEETS),
  ])
  const none = { proofs: 0, accepted: 0, rejected: 0, lastPulledAt: null }
  const counts = new Map(jobIds.map((id): [string, JobCounts] => [id, { ...none, sheets: [] }]))
  for (const { jobId, ...said } of [...pulls, ...decisions]) Object.assign(counts.get(jobId)!, said)
  for (const { jobId, ...said } of sheets) counts.get(jobId)!.sheets.push(said)
  return counts
}

/** Counts every job by the database, without reading their pulls; only those that changed are counted again. */
export const countJobs = (): Promise<Map<string, JobCounts>> => remembered('counts', null, count)
