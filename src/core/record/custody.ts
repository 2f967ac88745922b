import { z } from 'zod'
import { label, moment, remark } from '../units/schemas'

/** Where a signed print can go. */
export const CUSTODY = {
  publisher: 'To the publisher',
  consigned: 'Consigned',
  sold: 'Sold',
  overprinted: 'Printed over',
  returned: 'Returned',
  destroyed: 'Destroyed',
} as const
export type CustodyKind = keyof typeof CUSTODY

/** A print going somewhere, as a receipt says it. */
export const custodyMoveSchema = z
  .strictObject({
    kind: z.enum(Object.keys(CUSTODY) as [CustodyKind, ...CustodyKind[]]),
    to: z.string().trim().max(120, { error: 'must be at most 120 characters' }),
    receipt: z.string().trim().max(60, { error: 'must be at most 60 characters' }),
    note: remark,
  })
  .superRefine(({ kind, to }, context) => {
    if (kind !== 'returned' && kind !== 'destroyed' && !to)
      context.addIssue({ code: 'custom', path: ['to'], message: 'Enter the recipient.' })
  })
export type CustodyMove = z.infer<typeof custodyMoveSchema>
export const keptCustodySchema = z.strictObject({
  pullId: label,
  move: custodyMoveSchema,
  at: moment,
  by: label,
})
export type KeptCustody = z.infer<typeof keptCustodySchema>

/** Where a print is after all its moves; null: it never left the workshop. */
export const standingOf = (moves: readonly KeptCustody[], pullId: string): KeptCustody | null =>
  moves.findLast((one) => one.pullId === pullId) ?? null

/** Why a move cannot be: what is destroyed stays so, only what is out comes back, and what is sold does not go elsewhere unless it came back. */
export function refuseMove(standing: KeptCustody | null, { kind }: Pick<CustodyMove, 'kind'>): string | null {
  const at = standing?.move.kind ?? null
  if (at === 'destroyed') return 'This print is destroyed: nothing more can become of it.'
  if (kind === 'returned' && (at === null || at === 'returned'))
    return 'This print is in the workshop already.'
  if ((at === 'sold' || at === 'overprinted') && kind !== 'returned' && kind !== 'destroyed')
    return `This print is ${at === 'sold' ? 'sold to' : 'printed over, as'} ${standing!.move.to}: it must come back first.`
  return null
}

/** How many prints are where. */
export function custodyCounts(
  pullIds: readonly string[],
  moves: readonly KeptCustody[],
): Record<CustodyKind | 'workshop', number> {
  const counts = {
    workshop: 0,
    publisher: 0,
    consigned: 0,
    sold: 0,
    overprinted: 0,
    returned: 0,
    destroyed: 0,
  }
  for (const id of pullIds) {
    const kind = standingOf(moves, id)?.move.kind ?? 'workshop'
    counts[kind === 'returned' ? 'workshop' : kind] += 1
  }
  return counts
}
