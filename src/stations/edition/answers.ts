import { counted, plural } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'
import type { RoomAnswer } from '@/ui/Answer'

/** What the edition is asked for its answer. */
export interface EditionAsked {
  /** number of the pull that waits for its decision; null: none */
  open: number | null
  /** number of the pull to come */
  next: number
  accepted: number
  size: number
  isNumbered: boolean
  /** settings outside what the BAT allows */
  outside: number
  /** settings that are not as at the BAT, whether they may be or not */
  differing: number
  /** the prints are meant to be alike */
  isAlike: boolean
  /** why the bench would not print; null: it would */
  doubt: string | null
  sheets: number
  jobPage: string
}

/** How the settings are beside the BAT, where none of them stands in the way. */
function standingWords({ differing, isAlike }: Pick<EditionAsked, 'differing' | 'isAlike'>): string {
  if (differing === 0) return ': every setting is as at the BAT'
  return isAlike ? ': all within what the BAT allows' : `: ${counted(differing, 'setting')} not as at the BAT`
}

/** What to do next at the press. */
export function editionAnswer(asked: EditionAsked): RoomAnswer {
  const { open, next, accepted, size, isNumbered, outside, doubt, sheets, jobPage } = asked
  const so = `${accepted} of ${size} accepted.`
  if (isNumbered)
    return {
      says: 'The edition is numbered and closed',
      because: so,
      asks: { words: 'Go to Record', page: `${jobPage}/record` },
    }
  if (open !== null)
    return {
      says: `Hold pull ${open} beside the BAT`,
      because: `Does it match? One tap decides. ${so}`,
    }
  if (accepted >= size)
    return {
      says: `All ${size} are accepted: dry and sort them`,
      because: 'A spare can still be pulled until the numbers are given.',
      asks: { words: 'Go to Dry & Sign', page: `${jobPage}/dry` },
    }
  if (doubt !== null) return { says: `◆ Not yet: pull ${next} would not print`, because: `${doubt} ${so}` }
  if (outside > 0)
    return {
      says: `◆ Put ${counted(outside, 'setting')} back before pull ${next}`,
      because: `${outside === 1 ? 'It is' : 'They are'} outside what the BAT allows. ${so}`,
    }
  return {
    says: `Pull ${next}${standingWords(asked)}`,
    because: `${so} ${counted(sheets, 'sheet')} damp ${plural(sheets, 'is', 'are')} enough for the rest, 9 times in 10.`,
  }
}

/** What an edition costs. */
export function quoteAnswer(
  quote: { accepted: number; sheets: number; hours: number; perAccepted: number; total: number } | null,
): RoomAnswer {
  if (!quote) return { says: 'Complete the fields', because: 'Sheets, hours and cost follow from them.' }
  return {
    says: `${formatNumber(quote.perAccepted, 2)} a print, ${formatNumber(quote.total, 2)} in all`,
    because: `${counted(quote.accepted, 'print')} from ${counted(quote.sheets, 'sheet')} in ${formatNumber(quote.hours, 1)} h. These are costs: set your own price.`,
  }
}
