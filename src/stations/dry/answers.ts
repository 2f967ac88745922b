import { counted } from '@/core/units/counted'
import type { RoomAnswer } from '@/ui/Answer'

/** What drying and signing is asked for its answer. */
export interface DryAsked {
  numbered: number
  accepted: number
  size: number
  /** when what was laid to dry is ready, written; null: nothing was laid */
  ready: { on: string; isReached: boolean } | null
  days: number | null
  jobPage: string
}

/** What to do next with the printed sheets. */
export function dryAnswer({ numbered, accepted, size, ready, days, jobPage }: DryAsked): RoomAnswer {
  if (numbered > 0)
    return {
      says: `Sign ${counted(numbered, 'print')} in this order`,
      because: 'Copy each mark in pencil; none is doubled and none is missing.',
      asks: { words: 'Then go to Record', page: `${jobPage}/record` },
    }
  if (accepted === 0)
    return {
      says: 'No print to dry yet',
      because: 'Accepted prints of the edition come here.',
      asks: { words: 'Go to Edition', page: `${jobPage}/edition` },
    }
  if (!ready)
    return {
      says: `Lay ${counted(accepted, 'print')} to dry`,
      because: `${accepted} of ${size} accepted.${days === null ? '' : ` Usually ${counted(days, 'day')}.`} Sort dry prints only: wet ones read darker.`,
    }
  if (!ready.isReached)
    return {
      says: `Dry on ${ready.on}`,
      because: 'Sort dry prints only: a wet print reads darker, and the damp sheet is larger.',
    }
  return {
    says:
      accepted < size
        ? `Sort ${counted(accepted, 'print')}: ${size - accepted} still to print`
        : `Sort and number ${counted(accepted, 'print')}`,
    because: `Dry since ${ready.on}.`,
  }
}
