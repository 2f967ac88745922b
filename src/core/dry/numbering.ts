import { counted, plural } from '../units/counted'
import { z } from 'zod'
import { editionNumbersInput, markOf, PRINT_KINDS, type ApStyle, type PrintKind } from './editionNumbers'

/** One sorted impression: which pull, and what it is to be. The order of the list is the order of the numbers. */
export const sortedImpressionSchema = z.strictObject({
  pullId: z.string().min(1),
  kind: z.enum(Object.keys(PRINT_KINDS) as [PrintKind, ...PrintKind[]]),
})
export type SortedImpression = z.infer<typeof sortedImpressionSchema>

/** How the prints of the edition itself are marked; proofs are always counted. */
export const MARKINGS = {
  numbered: { label: 'Numbered, 7/24', note: 'Every impression is held to the BAT, the approved proof.' },
  varied: { label: 'E.V. 7/24', note: 'Édition variée: impressions vary by intent.' },
  unique: { label: '1/1 each', note: 'Every impression is one of its own.' },
  moment: {
    label: 'The moment it was pulled',
    note: 'Date, 24-hour time and zone, as copied onto the sheet before the peel.',
  },
} as const
export type Marking = keyof typeof MARKINGS

/** Chops, the marks of the workshop beside the pencil. */
export const CHOPS = {
  none: 'None',
  blind: 'Blind, embossed',
  ink: 'In ink',
  both: 'In ink and embossed',
} as const
export type Chop = keyof typeof CHOPS

/** Who puts the name to the print. */
export const SIGNERS = { artist: 'The artist', printer: 'The printer, for the artist' } as const
export type Signer = keyof typeof SIGNERS

/** How a sorted edition is signed. */
export const signingSchema = z.strictObject({
  style: editionNumbersInput.shape.style,
  marking: z.enum(Object.keys(MARKINGS) as [Marking, ...Marking[]]).default('numbered'),
  /** the printer who signs beside the artist, with imp. (impressit, "has printed it"); empty: nobody does */
  imp: z.string().trim().max(120, { error: 'must be at most 120 characters' }).default(''),
  chop: z.enum(Object.keys(CHOPS) as [Chop, ...Chop[]]).default('none'),
  signer: z.enum(Object.keys(SIGNERS) as [Signer, ...Signer[]]).default('artist'),
})
export type Signing = z.infer<typeof signingSchema>
export const USUAL_SIGNING: Signing = signingSchema.parse({ style: 'roman' })

export const numberingInput = signingSchema.extend({ sorted: z.array(sortedImpressionSchema).max(5000) })
export type Numbering = z.infer<typeof numberingInput>

/** How a sorted edition is signed, without how it lies. */
export const signingOf = ({ sorted: _, ...signing }: Numbering): Signing => signing

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

/** What is written on an impression of a kind, its number and its kind's total given; `moment` is its own, written out. */
export function markAs(
  marking: Marking,
  style: ApStyle,
  kind: PrintKind,
  n: number,
  total: number,
  moment: string,
): string {
  if (kind !== 'edition' || marking === 'numbered') return markOf(kind, n, total, style)
  if (marking === 'varied') return `E.V. ${n}/${total}`
  if (marking === 'unique') return '1/1'
  return moment
}

/**
 * Gives the marks of a sorted edition, in the order given; each kind counts from 1 to its own total.
 * Because numbers come from the order and not from typing, none can be doubled or missing.
 *
 * @param momentOf the moment of a pull as it is written on its sheet; only asked where moments are the marks
 */
export function numberImpressions(
  sorted: readonly SortedImpression[],
  { style, marking }: Pick<Signing, 'style' | 'marking'>,
  momentOf: (pullId: string) => string,
): NumberedImpression[] {
  const totals = new Map<PrintKind, number>()
  for (const { kind } of sorted) totals.set(kind, (totals.get(kind) ?? 0) + 1)
  const given = new Map<PrintKind, number>()
  return sorted.map((impression) => {
    const number = (given.get(impression.kind) ?? 0) + 1
    given.set(impression.kind, number)
    const mark = markAs(
      marking,
      style,
      impression.kind,
      number,
      totals.get(impression.kind)!,
      marking === 'moment' && impression.kind === 'edition' ? momentOf(impression.pullId) : '',
    )
    return { ...impression, number, mark }
  })
}

/**
 * Checks a sorted edition before its numbers are given and locked.
 *
 * @param editionSize as it was declared; null: nobody declares one
 * @param acceptedPullIds impressions that may be numbered (accepted edition prints and the BAT proof)
 * @param batPullId the approved proof, the only one that may be marked BAT
 * @returns every problem; an empty list means the numbers can be given
 */
export function checkNumbering(
  sorted: readonly SortedImpression[],
  editionSize: number | null,
  acceptedPullIds: ReadonlySet<string>,
  batPullId: string | null,
): NumberingProblem[] {
  const problems: NumberingProblem[] = []
  const seen = new Set<string>()
  for (const { pullId, kind } of sorted) {
    if (seen.has(pullId))
      problems.push({ field: 'sorted', message: 'One impression stands in the list twice.' })
    seen.add(pullId)
    if (!acceptedPullIds.has(pullId))
      problems.push({ field: 'sorted', message: 'The list holds an impression that was not accepted.' })
    if ((kind === 'BAT') !== (pullId === batPullId))
      problems.push({
        field: 'sorted',
        message: 'The mark BAT belongs to the approved proof and to no other impression.',
      })
  }
  const missing = [...acceptedPullIds].filter((pullId) => !seen.has(pullId)).length
  if (missing > 0)
    problems.push({
      field: 'sorted',
      message: `${missing} accepted ${plural(missing, 'impression is', 'impressions are')} missing from the list.`,
    })
  const numbered = sorted.filter(({ kind }) => kind === 'edition').length
  if (editionSize !== null && numbered !== editionSize) {
    problems.push({
      field: 'editionSize',
      message: `The edition is declared as ${editionSize}, but ${counted(numbered, 'print stands', 'prints stand')} in it: pull more, move some to proofs, or declare ${numbered}.`,
    })
  }
  return problems
}

/** Whoever signs in the artist's place says who. */
export const checkSigner = ({ signer, imp }: Pick<Signing, 'signer' | 'imp'>): NumberingProblem[] =>
  signer === 'printer' && imp === ''
    ? [{ field: 'imp', message: 'Enter the printer’s name: the printer signs for the artist.' }]
    : []

/** Two impressions that would carry the same moment cannot be told apart by it. */
export function checkMoments(numbered: readonly NumberedImpression[], marking: Marking): NumberingProblem[] {
  if (marking !== 'moment') return []
  const marks = numbered.filter(({ kind }) => kind === 'edition').map(({ mark }) => mark)
  const twice = marks.find((mark, i) => marks.indexOf(mark) !== i)
  return twice
    ? [{ field: 'marking', message: `Two impressions were pulled at ${twice}: number them instead.` }]
    : []
}

/** A kept order as it holds for the impressions there are now: what is gone falls out, what came since stands at the end, in the edition while there is room. */
export function resumeSorting(
  kept: readonly SortedImpression[],
  pullIds: readonly string[],
  batPullId: string | null,
  editionSize: number | null,
): SortedImpression[] {
  const known = new Set(pullIds)
  const sorted = kept.filter(({ pullId, kind }) => known.has(pullId) && kind !== 'BAT')
  const placed = new Set(sorted.map(({ pullId }) => pullId))
  let room = (editionSize ?? Infinity) - sorted.filter(({ kind }) => kind === 'edition').length
  for (const pullId of pullIds)
    if (!placed.has(pullId) && pullId !== batPullId)
      sorted.push({ pullId, kind: room-- > 0 ? 'edition' : 'AP' })
  return batPullId ? [...sorted, { pullId: batPullId, kind: 'BAT' }] : sorted
}
