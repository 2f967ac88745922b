import { chanceBy, type DayEnds } from '@/core/day/chanceOfFinishing'
import { formatNumber } from '@/core/units/length'
import { counted } from '@/core/units/counted'
import type { Turn } from '@/core/day/pressQueue'
import type { RoomAnswer } from '@/ui/Answer'
import type { WishedDay } from './dayWish'

/** Minutes over the wished end that nobody would speak of. */
export const HARDLY_OVER = 0.5

/** When a day begins, prints and ends, or that it is too long. @param ends of the days played; null: still playing @param write a minute of the day as a time */
export function dayAnswer(
  day: WishedDay | null,
  { isLatest, ends, write }: { isLatest: boolean; ends: DayEnds | null; write: (minutes: number) => string },
): RoomAnswer {
  if (!day)
    return {
      says: 'No start of the day reaches this end',
      because: 'Wish for fewer pulls, or for a later end.',
    }
  const { plan, over, finishMinute } = day
  const chance =
    ends && finishMinute !== null
      ? ` ${formatNumber(100 * chanceBy(ends, finishMinute), 0)} days in 100 end by ${write(finishMinute)}.`
      : ''
  if (over !== null && finishMinute !== null && over > HARDLY_OVER)
    return {
      says: `◆ ${formatNumber(over, 0)} min too long for ${write(finishMinute)}`,
      because: `Clean at ${write(plan.endAt)}. What would win time is said below.`,
    }
  return {
    says: isLatest
      ? `Start at ${write(0)} at the latest`
      : `First pull ${write(plan.sheets[0].pullAt)}, clean by ${write(plan.endAt)}`,
    because: `${counted(plan.sheets.length, 'pull')}, one every ${formatNumber(plan.cycleMinutes, 1)} min; all printed at ${write(plan.printedAt)}.${chance}`,
  }
}

/** Who is first at the press and when all are through; without anybody, who is asked for. @param queue null: nobody is in it yet, or something in it is wrong */
export function queueAnswer(
  queue: {
    first: Pick<Turn, 'name' | 'pressFrom'>
    people: number
    presses: number
    isExact: boolean
    /** a minute of the queue as a time */
    at: (minute: number) => string
    endMinutes: number
  } | null,
): RoomAnswer {
  if (!queue)
    return {
      says: 'Who prints today?',
      because: 'From each one’s time and plate follows who is up when, and what lies under the plate.',
    }
  const { first, people, presses, isExact, at, endMinutes } = queue
  return {
    says: `${first.name} is up at ${at(first.pressFrom)}; all are through at ${at(endMinutes)}`,
    because: `${counted(people, 'person', 'people')}, ${counted(presses, 'press', 'presses')}. ${isExact ? 'No order ends sooner.' : 'The best order found.'}`,
  }
}
