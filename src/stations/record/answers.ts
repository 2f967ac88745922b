import { counted } from '@/core/units/counted'
import type { RoomAnswer } from '@/ui/Answer'

/** What can be taken from the record. @param moved prints that are out of the workshop @param marked what was done with them */
export function recordAnswer(
  prints: number,
  moved: number,
  jobPage: string,
  marked = 'numbered',
): RoomAnswer {
  if (prints === 0)
    return {
      says: `Nothing is ${marked} yet`,
      because: 'The sheet below says what is known so far, and grows with every act.',
      asks: { words: 'Go to Dry & Sign', page: `${jobPage}/dry` },
    }
  return {
    says: `${counted(prints, 'print')} ${marked}: file the documentation`,
    because:
      moved === 0
        ? 'All are in the workshop.'
        : `${moved} of ${prints} ${moved === 1 ? 'has' : 'have'} left the workshop.`,
  }
}
