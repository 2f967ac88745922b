import {
  changeOfStock,
  newStockMoveSchema,
  stockProblem,
  type NewStockMove,
  type Reservation,
} from '@/core/paper/stock'
import { openDatabase, write } from '../database/database'
import { FieldError, NotFoundError } from '../database/errors'
import { sheetsAhead } from '@/core/record/jobNeed'
import { listJobs, type JobSummary } from './jobs'
import { loadJobsUnderWay } from './jobsUnderWay'
import { readRows } from '../database/readRows'
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
    // Of a paper nobody counted, sheets printed before the first entry came from others than those that come in now.
    const isFirst =
      row.sheetsReceived === 0 &&
      (await tables.stock_moves.count({ where: { paperId: move.paperId }, transaction })) === 0
    const counts = isFirst && move.kind === 'received' ? 'counted' : move.kind
    await tables.stock_moves.create(
      { ...move, change: changeOfStock(counts, move.sheets, left), at },
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
 * Sheets that jobs under way keep back, by the paper on their first bench: the same reckoning the job itself shows, through all its runs.
 * A job that cannot be read keeps none. Remembered job by job: every page of a job asks what the others leave it.
 *
 * @param all every job, where they are at hand
 */
export async function loadReservations(all?: readonly JobSummary[]): Promise<Reservation[]> {
  const kept = await remembered('reservation', null, async (changed) => {
    const asked = new Set(changed)
    const underWay = (all ?? (await listJobs())).filter(
      ({ id, phase }) => asked.has(id) && (phase === 'proving' || phase === 'edition'),
    )
    const none = changed.map((id): [string, Reservation | null] => [id, null])
    return new Map([...none, ...(await reservationsOf(underWay))])
  })
  return [...kept.values()].filter((one) => one !== null)
}

async function reservationsOf(jobs: readonly JobSummary[]): Promise<[string, Reservation][]> {
  const { read } = await loadJobsUnderWay(jobs)
  return read.flatMap(({ id, title, paperId, work }): [string, Reservation][] => {
    const sheets = sheetsAhead(work)
    return paperId && sheets > 0 ? [[id, { jobId: id, title, paperId, sheets }]] : []
  })
}
