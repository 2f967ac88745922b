import { z } from 'zod'
import { pullId } from '../edition/pullId'
import { PULL_KINDS } from '../edition/pullKinds'
import type { SheetMark } from '../edition/runs'
import { label } from '../units/schemas'
import type { Bat, FiledPull, Print } from './jobFile'

/** What is said when a pull is withdrawn: it was entered by mistake. */
export const withdrawalSchema = z.strictObject({
  pullId,
  why: z.string().trim().max(500),
  by: label,
})
export type Withdrawal = z.infer<typeof withdrawalSchema>

interface Job {
  /** in the order they were made */
  pulls: readonly FiledPull[]
  bats: readonly Pick<Bat, 'version' | 'proofPullId' | 'otherProofPullId' | 'runs'>[]
  prints: readonly Pick<Print, 'pullId'>[]
  sheetMarks: readonly Pick<SheetMark, 'sheet' | 'runPosition'>[]
}

/** A pull as it is spoken of. @example nameOfPull({ kind: 'edition', number: 7 }) // 'Pull 7' */
export const nameOfPull = ({ kind, number }: Pick<FiledPull, 'kind' | 'number'>): string =>
  kind === 'edition' ? `Pull ${number}` : `${PULL_KINDS[kind]} ${number}`

/** Whether another pull was made after it: a withdrawal then says why. */
export const isFollowed = (id: string, pulls: readonly Pick<FiledPull, 'id'>[]): boolean =>
  pulls.length > 0 && pulls.at(-1)!.id !== id

/** What stands on a pull, so that it cannot be withdrawn; null: nothing does. */
export function whyKept(pull: FiledPull, { pulls, bats, prints, sheetMarks }: Job): string | null {
  const { id, sheet, runPosition } = pull
  if (prints.length > 0) return 'The numbers are given: this edition is closed.'
  if (pull.kind === 'cancellation') return 'It is the proof that the plate was struck.'
  const bat = bats.find(
    ({ proofPullId, otherProofPullId, runs }) =>
      proofPullId === id || otherProofPullId === id || runs.some((run) => run.proofPullId === id),
  )
  if (bat) return `BAT ${bat.version} was approved from it.`
  const compared = pulls.find(
    (one) =>
      one.id !== id &&
      one.events.some(({ event }) => event.kind === 'match' && event.match.referencePullId === id),
  )
  if (compared) return `${nameOfPull(compared)} was compared with its picture.`
  const later = pulls.find((one) => one.sheet === sheet && one.runPosition > runPosition)
  if (later)
    return `Its sheet went on to a later run: withdraw ${nameOfPull(later).toLowerCase()} there first.`
  if (sheetMarks.some((mark) => mark.sheet === sheet && mark.runPosition >= runPosition))
    return 'Its sheet was marked off in a run since.'
  return null
}
