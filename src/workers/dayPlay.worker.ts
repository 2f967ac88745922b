import { playDays, type DayEnds, type DaySpread } from '@/core/day/chanceOfFinishing'
import type { DayBreak, DaySetting } from '@/core/day/dayPlan'

/** Days to be played: minutes on the day's own axis. */
export interface DayPlayTask {
  setting: DaySetting
  breaks: DayBreak[]
  spread: DaySpread
  days: number
  seed: number
}
/** What the page hears, in the end or on the way. */
export type DayPlayReport = { done: number } | { ends: DayEnds }

self.onmessage = ({ data: { setting, breaks, spread, days, seed } }: MessageEvent<DayPlayTask>) => {
  const ends = playDays(setting, 0, breaks, spread, days, seed, (done) => {
    self.postMessage({ done } satisfies DayPlayReport)
    return true
  })!
  self.postMessage({ ends } satisfies DayPlayReport)
}
