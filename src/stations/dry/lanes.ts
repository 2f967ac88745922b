import { PRINT_KINDS, type PrintKind } from '@/core/dry/editionNumbers'
import type { SortedImpression } from '@/core/dry/numbering'

/** Where an impression can lie while the edition is sorted: as a kind of signed print, or out of it. */
export const LANES = { ...PRINT_KINDS, 'set-aside': 'Set aside', rejected: 'Rejected' } as const
export type Lane = keyof typeof LANES
export const LANE_KEYS = Object.keys(LANES) as Lane[]

/** Lanes whose impressions get a mark. */
export const isMarked = (lane: Lane): lane is PrintKind => lane !== 'set-aside' && lane !== 'rejected'

/** Lays an impression into a lane, before another or at its end; the order of the list is the order of the numbers. */
export function layInto(
  sorted: readonly SortedImpression[],
  pullId: string,
  kind: PrintKind,
  before: string | null,
): SortedImpression[] {
  const rest = sorted.filter((one) => one.pullId !== pullId)
  const at = before === null ? -1 : rest.findIndex((one) => one.pullId === before)
  const end = rest.findLastIndex((one) => one.kind === kind)
  rest.splice(at >= 0 ? at : end >= 0 ? end + 1 : rest.length, 0, { pullId, kind })
  return rest
}

/** Orders the impressions of every lane as a list says; which lane they lie in stays. */
export function orderBy(sorted: readonly SortedImpression[], pullIds: readonly string[]): SortedImpression[] {
  const rank = new Map(pullIds.map((id, i) => [id, i]))
  return [...sorted].sort(
    (a, b) =>
      LANE_KEYS.indexOf(a.kind) - LANE_KEYS.indexOf(b.kind) ||
      (rank.get(a.pullId) ?? Infinity) - (rank.get(b.pullId) ?? Infinity),
  )
}
