import type { DeskEntry } from '@/core/edition/deskEntry'
import type { DeskMemory, Waiting } from './deskMemory'

/** What of a refused entry can be put right at the desk. */
export interface Correction {
  inked: string
  wiped: string
  laid: string
  isWarm: boolean
}

/** What stands in an entry now; whatever is no text there, as an earlier release may have left it, is empty. */
export function correctionOf({ entry }: Waiting): Correction {
  const text = (value: unknown) => (typeof value === 'string' ? value : '')
  const hands = entry.kind === 'pull' ? entry.hands : null
  return {
    inked: text(hands?.inked) || text(entry.by),
    wiped: text(hands?.wiped),
    laid: text(hands?.laid),
    isWarm: entry.kind === 'pull' && entry.pullKind === 'warmup',
  }
}

function corrected(entry: DeskEntry, { inked, wiped, laid, isWarm }: Correction): DeskEntry {
  const by = inked.trim()
  if (entry.kind !== 'pull') return { ...entry, by }
  return {
    ...entry,
    by,
    pullKind: isWarm ? 'warmup' : 'edition',
    hands: { inked: by, wiped: wiped.trim() || null, laid: laid.trim() || null },
  }
}

const isOf = ({ entry }: Waiting, pull: string) => 'pullId' in entry && entry.pullId === pull

/** What was refused and is to be put right: of what is said of a refused pull, the pull itself. */
export function toPutRight(queue: readonly Waiting[]): Waiting[] {
  const refused = queue.filter((one) => one.refused !== null)
  return refused.filter((one) => !refused.some(({ entry }) => isOf(one, entry.id)))
}

/** Puts a refused entry right, to be sent again in its place with all that was said of the same pull. */
export const withCorrection = (memory: DeskMemory, id: string, correction: Correction): DeskMemory => ({
  ...memory,
  queue: memory.queue.map((one) => {
    if (one.entry.id === id) return { ...one, entry: corrected(one.entry, correction), refused: null }
    return isOf(one, id) ? { ...one, refused: null } : one
  }),
})

/** Throws an entry away, and all that was said of the same pull. */
export const withoutEntry = (memory: DeskMemory, id: string): DeskMemory => ({
  ...memory,
  queue: memory.queue.filter((one) => one.entry.id !== id && !isOf(one, id)),
})

/** What an entry is, for who reads the list of what waits. */
export function nameOf({ entry }: Waiting, moment: (at: string) => string): string {
  switch (entry.kind) {
    case 'pull':
      return `${entry.pullKind === 'warmup' ? 'Warm-up' : 'Pull'} of ${moment(entry.pulledAt)}`
    case 'amendment':
      return `What was seen and decided, ${moment(entry.at)}`
    case 'moment':
      return `A moment put right, ${moment(entry.at)}`
    case 'withdrawal':
      return `A pull taken back, ${moment(entry.at)}`
  }
}
