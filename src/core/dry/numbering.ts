import { z } from 'zod'
import { editionNumbersInput, markOf, PRINT_KINDS, type ApStyle, type PrintKind } from './editionNumbers'

/** One sorted impression: which pull, and what it is to be. The order of the list is the order of the numbers. */
export const sortedImpressionSchema = z.strictObject({ pullId: z.string().min(1), kind: z.enum(Object.keys(PRINT_KINDS) as [PrintKind, ...PrintKind[]]) })
export type SortedImpression = z.infer<typeof sortedImpressionSchema>

export const numberingInput = z.strictObject({ sorted: z.array(sortedImpressionSchema).max(5000), style: editionNumbersInput.shape.style })

/** An impression with its mark. */
export interface NumberedImpression extends SortedImpression {
  number: number
  mark: string
}

/** What stands in the way of giving the numbers. */
export interface NumberingProblem {
  field: string
  message: string
}

/**
 * Gives the marks of a sorted edition, in the order given; each kind counts from 1 to its own total.
 * Because numbers come from the order and not from typing, none can be doubled or missing.
 */
export function numberImpressions(sorted: readonly SortedImpression[], style: ApStyle): NumberedImpression[] {
  const totals = new Map<PrintKind, number>()
  for (const { kind } of sorted) totals.set(kind, (totals.get(kind) ?? 0) + 1)
  const given = new Map<PrintKind, number>()
  return sorted.map((impression) => {
    const number = (given.get(impression.kind) ?? 0) + 1
    given.set(impression.kind, number)
    return { ...impression, number, mark: markOf(impression.kind, number, totals.get(impression.kind)!, style) }
  })
}

/**
 * Checks a sorted edition before its numbers are given and locked.
 *
 * @param acceptedPullIds impressions that may be numbered (accepted edition prints and the BAT proof)
 * @param batPullId the approved proof, the only one that may be marked BAT
 * @returns every problem; an empty list means the numbers can be given
 */
export function checkNumbering(sorted: readonly SortedImpression[], editionSize: number, acceptedPullIds: ReadonlySet<string>, batPullId: string | null): NumberingProblem[] {
  const problems: NumberingProblem[] = []
  const seen = new Set<string>()
  for (const { pullId, kind } of sorted) {
    if (seen.has(pullId)) problems.push({ field: 'sorted', message: 'One impression stands in the list twice.' })
    seen.add(pullId)
    if (!acceptedPullIds.has(pullId)) problems.push({ field: 'sorted', message: 'The list holds an impression that was not accepted.' })
    if ((kind === 'BAT') !== (pullId === batPullId)) problems.push({ field: 'sorted', message: 'The mark BAT belongs to the approved proof and to no other impression.' })
  }
  const missing = [...acceptedPullIds].filter((pullId) => !seen.has(pullId)).length
  if (missing > 0) problems.push({ field: 'sorted', message: `${missing} accepted ${missing === 1 ? 'impression is' : 'impressions are'} missing from the list.` })
  const numbered = sorted.filter(({ kind }) => kind === 'edition').length
  if (numbered !== editionSize) {
    problems.push({ field: 'editionSize', message: `The edition is declared as ${editionSize}, but ${numbered} ${numbered === 1 ? 'print stands' : 'prints stand'} in it: pull more, move some to proofs, or declare ${numbered}.` })
  }
  return problems
}
