import { normals } from '../stats/random'
import { planDay, type DayBreak, type DaySetting } from './dayPlan'

/** How far single inkings and pulls stray: the standard deviation of the logarithm of their time (0.2 is about a fifth). */
export interface DaySpread {
  inkWipe: number
  pull: number
}

/** The spread taken where the workshop has fewer than five pulls of its own [from memory]. */
export const USUAL_SPREAD: DaySpread = { inkWipe: 0.18, pull: 0.15 }

/** Ends of many such days, minutes on the day's axis, the earliest first. */
export type DayEnds = Float64Array

/**
 * Plays a day many times, each by the plan itself (`planDay`), so that the two cannot disagree: every inking and every pull takes its
 * median time, strayed log-normally.
 *
 * @param progress told every so many days how far it is, 0…1; answers false to end
 * @returns null when ended early
 */
export function playDays(
  setting: DaySetting,
  startAt: number,
  breaks: readonly DayBreak[],
  spread: DaySpread,
  days: number,
  seed: number,
  progress: (done: number) => boolean = () => true,
): DayEnds | null {
  const next = normals(seed)
  const strayed = () => ({
    inkWipeMinutes: setting.inkWipeMinutes * Math.exp(spread.inkWipe * next()),
    pullMinutes: setting.pullMinutes * Math.exp(spread.pull * next()),
  })
  const ends = new Float64Array(days)
  for (let day = 0; day < days; day++) {
    if (day % 500 === 0 && !progress(day / days)) return null
    ends[day] = planDay(setting, startAt, breaks, [], startAt, strayed).endAt
  }
  return ends.sort()
}

/** The share of days that end by a moment. */
export function chanceBy(ends: DayEnds, moment: number): number {
  let [low, high] = [0, ends.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (ends[middle] <= moment) low = middle + 1
    else high = middle
  }
  return low / ends.length
}

/** The moment by which a share of the days has ended. */
export const endOf = (ends: DayEnds, share: number): number =>
  ends[Math.min(ends.length - 1, Math.floor(share * ends.length))]
