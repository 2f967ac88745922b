import { chanceBy, type DayEnds } from '@/core/day/chanceOfFinishing'
import { formatNumber } from '@/core/units/length'
import { counted } from '@/core/units/counted'
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
