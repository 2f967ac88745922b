import { daySettingSchema, latestStart, planDay, type DayPlan, type DaySetting } from '@/core/day/dayPlan'
import type { LearnedCycle } from '@/core/day/learnedCycle'

type LooseSetting = { [K in keyof DaySetting]: DaySetting[K] | null }

/** A day as it is wished: what is to be done, and when it starts or is to end. Moments are as the fields write them. */
export interface DayWish {
  setting: LooseSetting
  /** what is given; the other follows */
  given: 'start' | 'finish'
  startField: string
  finishField: string
  pauseAt: string
  pauseMinutes: number | null
}

/** What a wish comes to. Minutes of breaks, plan and end count from the start. */
export interface WishedDay {
  setting: DaySetting
  startAt: string
  breaks: { from: number; to: number }[]
  plan: DayPlan
  /** the end that is wished; null: none that is a moment */
  finishMinute: number | null
  /** minutes the plan ends after that; null: nothing to end by */
  over: number | null
}

const MOST_PULLS_A_DAY = 20
/** Minutes of a day. */
const A_DAY = 1440
const tenths = (minutes: number) => Math.round(10 * minutes) / 10

/** A moment of a day as the field for date and time writes it, at the viewer's clock. */
export function fieldMoment(day: Date, hours: number, minutes: number): string {
  const two = (n: number) => String(n).padStart(2, '0')
  return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}T${two(hours)}:${two(minutes)}`
}

/** A usual day for what is left of an edition, with the times this job taught, where it did. */
export const usualWish = (
  { pullsToCome, dampMinutes }: { pullsToCome: number; dampMinutes: number | null },
  learned: LearnedCycle | null,
  day: Date,
): DayWish => ({
  setting: {
    pulls: Math.min(Math.max(1, pullsToCome), MOST_PULLS_A_DAY),
    setUpMinutes: 30,
    inkWipeMinutes: learned ? tenths(learned.inkWipeMinutes) : 14,
    pullMinutes: learned ? tenths(learned.pullMinutes) : 6,
    cleanUpMinutes: 25,
    soakMinutes: dampMinutes ?? 30,
    drainMinutes: 4,
    windowMinutes: 40,
    tubSheets: 4,
    dryingPlaces: null,
  },
  given: 'start',
  startField: fieldMoment(day, 9, 30),
  finishField: fieldMoment(day, 16, 0),
  pauseAt: '12:30',
  pauseMinutes: 30,
})

/** Whether a field for date and time holds a moment. */
export const isMoment = (field: string): boolean => Number.isFinite(Date.parse(field))

/** The wish's setting as far as it is one, with what is wrong at which field. */
export function settingOf({ setting }: Pick<DayWish, 'setting'>): {
  setting: DaySetting | null
  problemAt: (field: string) => string | undefined
} {
  const parsed = daySettingSchema.safeParse(setting)
  return {
    setting: parsed.success ? parsed.data : null,
    problemAt: (field) => parsed.error?.issues.find(({ path }) => path[0] === field)?.message,
  }
}

/**
 * Plans the day of a wish: from its start, or from the latest start that still ends in time, on the day it is to end. All minutes are counted on instants, so that
 * a change of the clocks moves nothing.
 *
 * @returns null while a field is wrong, or `'no-start'` when no start of the day before reaches the end
 */
export function readDayWish(wish: DayWish): WishedDay | 'no-start' | null {
  const { setting } = settingOf(wish)
  if (!setting) return null
  const [day] = (wish.given === 'start' ? wish.startField : wish.finishField).split('T')
  const zero = Date.parse(`${day}T00:00`)
  const onAxis = (field: string) => (Date.parse(field) - zero) / 60_000
  const atClock = onAxis(`${day}T${wish.pauseAt}`)
  // Of a day that is to end after midnight the break may lie before it.
  const isBefore = wish.given === 'finish' && atClock >= onAxis(wish.finishField)
  const pause = isBefore ? atClock - A_DAY : atClock
  const pauses =
    Number.isFinite(pause) && (wish.pauseMinutes ?? 0) > 0
      ? [{ from: pause, to: pause + wish.pauseMinutes! }]
      : []
  const start =
    wish.given === 'start' ? onAxis(wish.startField) : latestStart(setting, onAxis(wish.finishField), pauses)
  if (start === null) return 'no-start'
  if (!Number.isFinite(start)) return null
  const breaks = pauses.map(({ from, to }) => ({ from: from - start, to: to - start }))
  const plan = planDay(setting, 0, breaks)
  const finish = onAxis(wish.finishField) - start
  const finishMinute = Number.isFinite(finish) ? finish : null
  return {
    setting,
    startAt: new Date(zero + start * 60_000).toISOString(),
    breaks,
    plan,
    finishMinute,
    over: finishMinute === null ? null : plan.endAt - finishMinute,
  }
}
