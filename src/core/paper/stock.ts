import { z } from 'zod'
import { count, label } from '../units/schemas'

/** Ways in which sheets come to the store or leave it by another way than the press. */
export const STOCK_MOVES = {
  received: 'Came in',
  counted: 'Counted: lie there',
  sample: 'Kept as a sample',
  spoiled: 'Spoiled or given away',
} as const
export type StockMoveKind = keyof typeof STOCK_MOVES

/** One entry of a paper's stock book as a person makes it. */
export const newStockMoveSchema = z.strictObject({
  paperId: label,
  kind: z.enum(Object.keys(STOCK_MOVES) as [StockMoveKind, ...StockMoveKind[]]),
  sheets: count.max(1_000_000, { error: 'must be at most 1000000' }),
  /** the maker's lot or the day it was bought; may be empty */
  lot: z.string().trim().max(60, { error: 'must be at most 60 characters' }),
  by: label,
})
export type NewStockMove = z.infer<typeof newStockMoveSchema>

/** Sheets that an entry adds to what lies there; below zero they leave. */
export function changeOfStock(kind: StockMoveKind, sheets: number, left: number): number {
  if (kind === 'received') return sheets
  return kind === 'counted' ? sheets - left : -sheets
}

/** Why an entry cannot be made, or null: more cannot leave than lies there. */
export function stockProblem(kind: StockMoveKind, sheets: number, left: number): string | null {
  if (sheets === 0 && kind !== 'counted') return 'must be 1 or more'
  if ((kind === 'sample' || kind === 'spoiled') && sheets > left)
    return left > 0
      ? `only ${left} lie there by the book: count them first`
      : 'none lie there by the book: count them first'
  return null
}

/** Sheets of a paper that a job under way keeps back. */
export interface Reservation {
  jobId: string
  title: string
  paperId: string
  sheets: number
}

/** How a paper stands: what lies there, what jobs keep back, what is free; of one nobody counted only what jobs keep back. */
export type PaperStanding = { reserved: number } & (
  | { left: number; free: number; standing: 'short' | 'low' | 'enough' }
  | { left: null; free: null; standing: 'uncounted' }
)

/**
 * Standing of a paper. Short: the jobs want more than lies there. Low: what stays free is not above the mark at which it is
 * ordered again.
 *
 * @param left by the book; null: nobody counted @param lowAt null where no mark was set
 */
export function paperStanding(
  left: number | null,
  reservations: readonly Pick<Reservation, 'sheets'>[],
  lowAt: number | null,
): PaperStanding {
  const reserved = reservations.reduce((sum, { sheets }) => sum + sheets, 0)
  if (left === null) return { left, reserved, free: null, standing: 'uncounted' }
  const free = left - reserved
  const aboveNought = lowAt !== null && free <= lowAt ? 'low' : 'enough'
  return {
    left,
    reserved,
    free,
    standing: free < 0 ? 'short' : aboveNought,
  }
}
