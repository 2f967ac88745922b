import {
  changeOfStock,
  newStockMoveSchema,
  sheetsWanted,
  stockProblem,
  type NewStockMove,
  type Reservation,
} from '@/core/paper/stock'
import { openDatabase, write } from '../database/database'
import { FieldError, NotFoundError } from '../database/errors'
import { listJobs, type JobSummary } from './jobs'
import { readReadable, readRows } from '../database/readRows'
import { remembered } from '../database/remembered'
import type { StockMoveRow } from '../database/tables'

/** An entry of a paper's stock book. */
export type StockMove = Required<StockMoveRow>

/** Enters sheets that came in, were counted, kept or spoiled. What would leave less than none is refused at its field. */
export async function enterStock(input: NewStockMove, at: string): Promise<void> {
  const move = newStockMoveSchema.parse(input)
  await write(async (tables, transaction) => {
    const [row] = await readRows(tables.papers, { where: { id: move.paperId }, transaction })
    if (!row) throw new NotFoundError('This paper')
    const moved =
      (await tables.stock_moves.sum('change', { where: { paperId: move.paperId }, transaction })) ?? 0
    const used = await tables.pulls.count({
      where: { paperId: move.paperId },
      distinct: true,
      col: 'sheet',
      group: ['jobId'],
      transaction,
    })
    const left = row.sheetsReceived + moved - used.reduce((sum, { count }) => sum + count, 0)
    const problem = stockProblem(move.kind, move.sheets, left)
    if (problem) throw new FieldError([{ field: 'sheets', message: problem }])
    await tables.stock_moves.create(
      { ...move, change: changeOfStock(move.kind, move.sheets, left), at },
      { transaction },
    )
  })
}

/** A paper's stock book, the newest entry first. */
export async function loadStockBook(paperId: string): Promise<StockMove[]> {
  const { tables } = await openDatabase()
  return (await readRows(tables.stock_moves, { where: { paperId }, order: [['id', 'DESC']] })) as StockMove[]
}

/**
 * Sheets that jobs under way keep back, by the paper on their first bench; a bench that cannot be read asks for none. Remembered job by
 * job: every page of a job asks what the others leave it.
 *
 * @param all every job, where they are at hand
 */
export async function loadReservations(all?: readonly JobSummary[]): Promise<Reservation[]> {
  const kept = await remembered('reservation', null, async (changed) => {
    const { tables } = await openDatabase()
    const [jobs, runs] = await Promise.all([
      all ?? listJobs(),
      readReadable(tables.runs, { where: { position: 0, jobId: changed } }),
    ])
    const papers = new Map(runs.map(({ jobId, bench }) => [jobId, bench.paper?.paperId ?? null]))
    const of = new Map(jobs.map((job) => [job.id, job]))
    return new Map(changed.map((id) => [id, reservationOf(of.get(id), papers.get(id) ?? null)]))
  })
  return [...kept.values()].filter((one) => one !== null)
}

function reservationOf(job: JobSummary | undefined, paperId: string | null): Reservation | null {
  const isUnderWay = job?.phase === 'proving' || job?.phase === 'edition'
  const sheets = job && isUnderWay ? sheetsWanted(job) : 0
  return job && paperId && sheets > 0 ? { jobId: job.id, title: job.title, paperId, sheets } : null
}
