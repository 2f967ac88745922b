import { dayOf } from '../units/moment'
import { median } from '../stats/median'
import type { DaySpread } from './chanceOfFinishing'
import { USUAL_SPREAD } from './chanceOfFinishing'

/** What the workshop's own pulls say of a cycle: median minutes, its spread, and from how many. */
export interface LearnedCycle {
  cycleMinutes: number
  inkWipeMinutes: number
  pullMinutes: number
  spread: DaySpread
  from: number
}

/** A longer gap than this many medians was a rest, not a cycle (the desk asks there whether a pull was forgotten). */
const REST = 1.6
/** Share of a cycle that is inking and wiping [from memory]: what is timed is the wiping alone. */
const INKING_SHARE = 0.7
/** Fewest gaps a spread is learned from. */
const FEWEST = 5

/**
 * Learns the cycle from the moments of pulls: the median of the gaps between neighbours of one day, rests left out; of it the usual share
 * is inking and wiping, and as much as the wipes that were timed at least. The two parts stray so that together they stray as the cycle.
 *
 * @param pulls moments as ISO 8601 with the zone they were stamped in, and seconds of the timed wipe or null, in any order
 * @returns null with fewer than two pulls of one day
 */
export function learnCycle(
  pulls: readonly { pulledAt: string; zone: string; wipeSeconds: number | null }[],
): LearnedCycle | null {
  const sorted = [...pulls].sort((a, b) => a.pulledAt.localeCompare(b.pulledAt))
  const gaps = sorted
    .slice(1)
    .flatMap(({ pulledAt, zone }, i) =>
      dayOf(pulledAt, zone) === dayOf(sorted[i].pulledAt, sorted[i].zone)
        ? [(Date.parse(pulledAt) - Date.parse(sorted[i].pulledAt)) / 60_000]
        : [],
    )
    .filter((gap) => gap > 0)
  if (gaps.length === 0) return null
  const first = median(gaps)
  const worked = gaps.filter((gap) => gap <= REST * first)
  const cycleMinutes = median(worked)
  const wipes = pulls.flatMap(({ wipeSeconds }) => (wipeSeconds ? [wipeSeconds / 60] : []))
  // A timed wipe is a part of inking and wiping, never all of it.
  const inkWipeMinutes = Math.min(
    0.95 * cycleMinutes,
    Math.max(INKING_SHARE * cycleMinutes, wipes.length > 0 ? median(wipes) : 0),
  )
  const logs = worked.map((gap) => Math.log(gap / cycleMinutes))
  const sd =
    worked.length < FEWEST
      ? null
      : Math.sqrt(logs.reduce((sum, value) => sum + value * value, 0) / (logs.length - 1))
  const share = inkWipeMinutes / cycleMinutes
  const apart = 1 / Math.hypot(share, 1 - share)
  return {
    cycleMinutes,
    inkWipeMinutes,
    pullMinutes: cycleMinutes - inkWipeMinutes,
    spread: sd === null ? USUAL_SPREAD : { inkWipe: sd * apart, pull: sd * apart },
    from: worked.length,
  }
}
