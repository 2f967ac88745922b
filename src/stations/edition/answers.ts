import { counted, plural } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'
import { printsMade, purposeFacts, sizeDeclared, type Purposed } from '@/core/prove/purpose'
import { STATIONS, type Station } from '@/core/prove/settings'
import { listed } from '@/core/units/listed'
import type { RoomAnswer } from '@/ui/Answer'

/** What the edition is asked for its answer. */
export interface EditionAsked {
  /** number of the pull that waits for its decision; null: none */
  open: number | null
  /** number of the pull to come */
  next: number
  accepted: number
  /** what the job is for, and how many prints were declared */
  job: Purposed
  /** stations that must be set before a pull */
  unset: readonly Station[]
  /** there is a BAT the prints are held to */
  isHeld: boolean
  isNumbered: boolean
  /** settings outside what the BAT allows */
  outside: number
  /** settings that are not as at the BAT, whether they may be or not */
  differing: number
  /** why the bench would not print; null: it would */
  doubt: string | null
  sheets: number
  jobPage: string
}

/** How the settings are beside the BAT, where none of them stands in the way. */
function standingWords({
  differing,
  isHeld,
  job,
}: Pick<EditionAsked, 'differing' | 'isHeld' | 'job'>): string {
  if (!isHeld) return ''
  if (differing === 0) return ': every setting is as at the BAT'
  return purposeFacts(job.purpose).isAlike
    ? ': all within what the BAT allows'
    : `: ${counted(differing, 'setting')} not as at the BAT`
}

/** What to do next at the press. */
export function editionAnswer(asked: EditionAsked): RoomAnswer {
  const { open, next, accepted, job, unset, isHeld, isNumbered, outside, doubt, sheets, jobPage } = asked
  const { asksBat } = purposeFacts(job.purpose)
  const size = sizeDeclared(job)
  const so = `${printsMade(job, accepted)}.`
  if (isNumbered)
    return {
      says: asksBat ? 'The edition is numbered and closed' : 'The prints are signed and filed',
      because: so,
      asks: { words: 'Go to Record', page: `${jobPage}/record` },
    }
  if (open === null && unset.length > 0 && !isHeld)
    return {
      says: `Before the first print: ${listed(unset.map((station) => STATIONS[station]))}`,
      because: 'Every print is recorded with all its settings.',
      asks: { words: `Go to ${STATIONS[unset[0]]}`, page: `${jobPage}/${unset[0]}` },
    }
  if (open !== null && !isHeld)
    return { says: `Keep print ${open}?`, because: `Look at it: one tap decides. ${so}` }
  if (open !== null)
    return {
      says: `Hold pull ${open} beside the BAT`,
      because: `Does it match? One tap decides. ${so}`,
    }
  if (size !== null && accepted >= size)
    return {
      says: `All ${size} are accepted: dry and sort them`,
      because: 'A spare can still be pulled until the numbers are given.',
      asks: { words: 'Go to Dry & Sign', page: `${jobPage}/dry` },
    }
  if (size === null && accepted > 0)
    return {
      says: `${counted(accepted, 'print')} kept: dry and sign, or pull another`,
      because: 'Each is one of its own. Once they are signed no more are pulled.',
      asks: { words: 'Go to Dry & Sign', page: `${jobPage}/dry` },
    }
  if (doubt !== null) return { says: `◆ Not yet: pull ${next} would not print`, because: `${doubt} ${so}` }
  if (outside > 0)
    return {
      says: `◆ Put ${counted(outside, 'setting')} back before pull ${next}`,
      because: `${outside === 1 ? 'It is' : 'They are'} outside what the BAT allows. ${so}`,
    }
  return {
    says: `Pull ${isHeld ? '' : 'print '}${next}${standingWords(asked)}`,
    because:
      size === null
        ? so
        : `${so} ${counted(sheets, 'sheet')} damp ${plural(sheets, 'is', 'are')} enough for the rest, 9 times in 10.`,
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
