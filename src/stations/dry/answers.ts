import { counted } from '@/core/units/counted'
import type { RoomAnswer } from '@/ui/Answer'

/** What drying and signing is asked for its answer. */
export interface DryAsked {
  numbered: number
  accepted: number
  /** prints declared; null: as many as are kept */
  size: number | null
  /** a proof was to be approved first */
  asksBat: boolean
  /** the station its prints are pulled at, and its name */
  from: { page: string; name: string }
  /** when what was laid to dry is ready, written; null: nothing was laid */
  ready: { on: string; isReached: boolean } | null
  days: number | null
  jobPage: string
}

/** What to do next with the printed sheets. */
export function dryAnswer({
  numbered,
  accepted,
  size,
  asksBat,
  from,
  ready,
  days,
  jobPage,
}: DryAsked): RoomAnswer {
  if (numbered > 0)
    return {
      says: numbered === 1 ? 'Sign this print' : `Sign ${counted(numbered, 'print')} in this order`,
      because: 'Copy each mark in pencil; none is doubled and none is missing.',
      asks: { words: 'Then go to Record', page: `${jobPage}/record` },
    }
  if (accepted === 0)
    return {
      says: 'No print to dry yet',
      because: asksBat ? 'Accepted prints of the edition come here.' : 'What is kept comes here.',
      asks: { words: `Go to ${from.name}`, page: `${jobPage}/${from.page}` },
    }
  if (!ready)
    return {
      says: `Lay ${counted(accepted, 'print')} to dry`,
      because: `${size === null ? `${accepted} kept` : `${accepted} of ${size} accepted`}.${days === null ? '' : ` Usually ${counted(days, 'day')}.`} Sort dry prints only: wet ones read darker.`,
    }
  if (!ready.isReached)
    return {
      says: `Dry on ${ready.on}`,
      because: 'Sort dry prints only: a wet print reads darker, and the damp sheet is larger.',
    }
  const because = `Dry since ${ready.on}.`
  if (size === null) return { says: `Mark and sign ${counted(accepted, 'print')}`, because }
  return {
    says:
      accepted < size
        ? `Sort ${counted(accepted, 'print')}: ${size - accepted} still to print`
        : `Sort and number ${counted(accepted, 'print')}`,
    because,
  }
}
