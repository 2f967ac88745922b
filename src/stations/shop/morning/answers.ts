import { counted } from '@/core/units/counted'
import type { RoomAnswer } from '@/ui/Answer'

/** What there is to see to before the first pull of a day. @param readOn when the room was read last, written; null: never @param acts what asks for an act, most pressing first */
export function todayAnswer(readOn: string | null, isFresh: boolean, acts: readonly string[]): RoomAnswer {
  const read = { words: 'Go to the field', anchor: 'today-room' }
  if (readOn === null)
    return {
      says: 'Read the room first',
      because:
        'Its temperature and humidity say what ink, paper and press need today, beside the mix and the life the plates have left.',
      asks: read,
    }
  if (!isFresh)
    return {
      says: 'Take today’s readings',
      because: `The room was read last on ${readOn}: the advice below is for that day.`,
      asks: read,
    }
  return acts.length === 0
    ? { says: 'Nothing is in the way of the first pull', because: 'The room was read today.' }
    : {
        says: `${counted(acts.length, 'thing')} to see to before the first pull`,
        because: `First: ${acts[0]}`,
      }
}
