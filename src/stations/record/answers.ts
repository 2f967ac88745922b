import type { JobNeed } from '@/core/record/jobNeed'
import { formatNumber } from '@/core/units/length'
import { formatGrams } from '@/core/units/quantity'
import { counted } from '@/core/units/counted'
import type { RoomAnswer } from '@/ui/Answer'

/** What printing a job again takes. */
export function againAnswer(need: JobNeed | null): RoomAnswer {
  if (!need) return { says: 'Enter how many prints', because: 'Sheets, ink and hours follow from it.' }
  const ink = need.grams === null ? '' : `, ${formatGrams(Math.ceil(need.grams), 0)} of ink`
  const time = need.hours === null ? '' : `, about ${formatNumber(need.hours, 1)} h`
  return {
    says: `${counted(need.left, 'print')} again: ${counted(need.sheets, 'sheet')}${ink}${time}`,
    because: 'With the rejects to expect, and one proof that shows whether it still prints so.',
  }
}

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
