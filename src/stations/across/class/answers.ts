import type { ClassTurn } from '@/core/edition/roster'
import { STATIONS, type Station } from '@/core/prove/settings'
import { counted } from '@/core/units/counted'
import { listed } from '@/core/units/listed'
import { formatFine } from '@/core/units/quantity'
import type { RoomAnswer } from '@/ui/Answer'

/** What a class is asked for its answer. */
export interface ClassAsked {
  unset: readonly Station[]
  /** people on the list */
  people: number
  turns: readonly Pick<ClassTurn, 'name' | 'press' | 'pressFrom' | 'pressTo' | 'makeReadyMm'>[]
  printed: number
  isNumbered: boolean
  /** the time of day of a minute of the class */
  at: (minute: number) => string
  jobPage: string
}

/** What is laid under a plate, in words. @example underWords(0) // 'nothing under the plate' */
export const underWords = (mm: number): string =>
  mm === 0 ? 'nothing under the plate' : `${formatFine(mm, 2)} under the plate`

/** Who is up, and what to do for them. */
export function classAnswer(asked: ClassAsked): RoomAnswer {
  const { unset, people, turns, printed, isNumbered, at, jobPage } = asked
  if (isNumbered)
    return {
      says: 'The prints are marked and filed',
      because: `${counted(printed, 'print')}.`,
      asks: { words: 'Go to Record', page: `${jobPage}/record` },
    }
  if (unset.length > 0)
    return {
      says: `Before the class: ${listed(unset.map((station) => STATIONS[station]))}`,
      because: 'What all of them share is set once: the size of the plates, the ink, the paper, the press.',
      asks: { words: `Go to ${STATIONS[unset[0]]}`, page: `${jobPage}/${unset[0]}` },
    }
  if (people === 0)
    return {
      says: 'List who prints',
      because: 'A first name or a number is enough. A list copied from a spreadsheet can be pasted.',
    }
  const [first, next] = turns
  if (!first)
    return {
      says: `Everyone is through: ${counted(printed, 'print')}`,
      because: 'Who was not here can still be called up.',
      asks: { words: 'Go to Dry & Sign', page: `${jobPage}/dry` },
    }
  const last = Math.max(...turns.map(({ pressTo }) => pressTo))
  return {
    says: `${first.name}: ${underWords(first.makeReadyMm)}`,
    because: [
      `At press ${first.press} at ${at(first.pressFrom)}.`,
      ...(next ? [`Then ${next.name}, ${at(next.pressFrom)}.`] : []),
      `${turns.length} to come, through at ${at(last)}.`,
    ].join(' '),
  }
}
