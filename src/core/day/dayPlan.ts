import { z } from 'zod'
import { count, finite, nonNegative, positive } from '../units/schemas'

const minutes = nonNegative.max(1440, { error: 'must be at most 1440 min' })

/** What a day of pulling is planned from; durations in minutes. */
export const daySettingSchema = z.strictObject({
  pulls: count.min(1, { error: 'must be 1 or more' }).max(200, { error: 'must be at most 200' }),
  /** mixing the ink and warming the plate, before the first inking */
  setUpMinutes: minutes,
  inkWipeMinutes: positive.max(1440, { error: 'must be at most 1440 min' }),
  /** laying, rolling, peeling, interleaving */
  pullMinutes: positive.max(1440, { error: 'must be at most 1440 min' }),
  cleanUpMinutes: minutes,
  soakMinutes: minutes,
  /** draining and blotting between the water and the roller */
  drainMinutes: minutes,
  /** how long a blotted sheet stays good under its cover */
  windowMinutes: minutes,
  /** sheets the tub takes at once */
  tubSheets: count.min(1, { error: 'must be 1 or more' }).max(500, { error: 'must be at most 500' }),
  /** prints that can be laid to dry; null: enough */
  dryingPlaces: count.nullable(),
})
export type DaySetting = z.infer<typeof daySettingSchema>

/** A stretch of the day, minutes on the day's own axis. */
export const breakSchema = z
  .strictObject({ from: finite, to: finite })
  .refine(({ from, to }) => to > from, { error: 'must end after it begins', path: ['to'] })
export type DayBreak = z.infer<typeof breakSchema>

/** What really happened to a sheet; null: not yet. */
export const sheetFactsSchema = z.strictObject({
  sheet: count.min(1),
  inAt: finite.nullable(),
  liftedAt: finite.nullable(),
  pulledAt: finite.nullable(),
})
export type SheetFacts = z.infer<typeof sheetFactsSchema>

/** One sheet through the day: planned where it has not happened. */
export interface PlannedSheet {
  sheet: number
  inAt: number
  liftAt: number
  readyAt: number
  inkAt: number
  pullAt: number
  /** waits longer under its cover than it stays good */
  isStale: boolean
  standing: 'to-come' | 'soaking' | 'waiting' | 'pulled'
}

/** A day as it stands. */
export interface DayPlan {
  sheets: PlannedSheet[]
  startAt: number
  /** the last print is interleaved */
  printedAt: number
  /** and everything is clean */
  endAt: number
  cycleMinutes: number
  bottleneck: 'wiping' | 'pulling' | 'tub'
}

const isWithin = (moment: number, { from, to }: DayBreak) => moment > from + 1e-9 && moment < to - 1e-9

/** Moves a pull later until neither its inking nor itself falls into a break. */
function outOfBreaks(
  from: number,
  { inkWipeMinutes, pullMinutes }: Pick<DaySetting, 'inkWipeMinutes' | 'pullMinutes'>,
  breaks: readonly DayBreak[],
): number {
  let at = from
  for (let moved = true; moved;) {
    moved = false
    for (const { from: begin, to } of breaks)
      if (at - inkWipeMinutes < to - 1e-9 && at + pullMinutes > begin + 1e-9) {
        at = to + inkWipeMinutes
        moved = true
      }
  }
  return at
}

/**
 * When a sheet is lifted for a pull, at the latest: just in time, or before a break that its way through the water would fall into,
 * waiting under its cover for as long as it stays good.
 *
 * @param earliestIn nothing goes into the water before
 * @returns null where no such moment is left
 */
function liftFor(
  pullAt: number,
  { soakMinutes, drainMinutes, windowMinutes }: DaySetting,
  breaks: readonly DayBreak[],
  earliestIn: number,
): number | null {
  let lift = pullAt - drainMinutes
  for (let moved = true; moved;) {
    moved = false
    for (const rest of breaks) {
      if (isWithin(lift, rest)) lift = rest.from
      else if (isWithin(lift - soakMinutes, rest)) lift = rest.from + soakMinutes
      else continue
      moved = true
    }
  }
  const isGood = pullAt - drainMinutes - lift <= windowMinutes + 1e-9
  return isGood && lift - soakMinutes >= earliestIn - 1e-9 ? lift : null
}

/** The first pull from a moment on that finds its sheet ready: later only where no sheet can wait for an earlier one. */
function soonestPull(
  from: number,
  setting: DaySetting,
  breaks: readonly DayBreak[],
  earliestIn: number,
): { pullAt: number; liftAt: number } {
  let pullAt = outOfBreaks(from, setting, breaks)
  for (;;) {
    const liftAt = liftFor(pullAt, setting, breaks, earliestIn)
    if (liftAt !== null) return { pullAt, liftAt }
    // Then the sheet goes in, or comes out, as the break ends.
    const { soakMinutes, drainMinutes } = setting
    const lift = pullAt - drainMinutes
    const within = (moment: number) => breaks.find((rest) => isWithin(moment, rest))
    const [out, into] = [within(lift), within(lift - soakMinutes)]
    const next = Math.max(
      earliestIn + soakMinutes + drainMinutes,
      out ? out.to + drainMinutes : -Infinity,
      into ? into.to + soakMinutes + drainMinutes : -Infinity,
    )
    pullAt = outOfBreaks(Math.max(next, pullAt + 1e-6), setting, breaks)
  }
}

/**
 * Plans a day on two rails that meet at the roller: the plate is inked and wiped, the sheet soaks, drains and is blotted, and
 * both are ready together. Every sheet is in the water equally long: it goes in so much before its pull, or before a break that would
 * come between, and waits under its cover. A sheet that is in already is lifted after its soak whatever the plate does.
 *
 * Pull i is no earlier than: the pull before it and its interleaving, and the inking after that; a soak after the sheet whose
 * place in the tub it takes; and for a sheet not yet in the water, a soak from now.
 *
 * @param startAt when the day begins, minutes on the day's axis
 * @param happened what really happened so far
 * @param now the moment it is planned at; nothing new can be done before it
 * @param strayed how long the inking and the pull of a sheet take, where that is not as set
 */
export function planDay(
  setting: DaySetting,
  startAt: number,
  breaks: readonly DayBreak[] = [],
  happened: readonly SheetFacts[] = [],
  now = startAt,
  strayed?: (sheet: number) => Pick<DaySetting, 'inkWipeMinutes' | 'pullMinutes'>,
): DayPlan {
  const { pulls, setUpMinutes, cleanUpMinutes, soakMinutes, drainMinutes, windowMinutes, tubSheets } = setting
  const facts = new Map(happened.map((one) => [one.sheet, one]))
  const sheets: PlannedSheet[] = []
  let plateFree = startAt + setUpMinutes
  for (let sheet = 1; sheet <= pulls; sheet++) {
    const { inAt = null, liftedAt = null, pulledAt = null } = facts.get(sheet) ?? {}
    const times = strayed ? { ...setting, ...strayed(sheet) } : setting
    const { inkWipeMinutes, pullMinutes } = times
    if (pulledAt !== null) {
      const lift = liftedAt ?? pulledAt - drainMinutes
      sheets.push({
        sheet,
        inAt: inAt ?? lift - soakMinutes,
        liftAt: lift,
        readyAt: lift + drainMinutes,
        inkAt: Math.max(plateFree, pulledAt - inkWipeMinutes),
        pullAt: pulledAt,
        isStale: false,
        standing: 'pulled',
      })
      plateFree = pulledAt + pullMinutes
      continue
    }
    // The plate at hand may be half wiped already, so only the clock itself holds it back.
    const plateReady = Math.max(plateFree + inkWipeMinutes, now)
    if (inAt !== null) {
      const liftAt = liftedAt ?? inAt + soakMinutes
      const readyAt = liftAt + drainMinutes
      const pullAt = outOfBreaks(Math.max(plateReady, readyAt), times, breaks)
      sheets.push({
        sheet,
        inAt,
        liftAt,
        readyAt,
        inkAt: pullAt - inkWipeMinutes,
        pullAt,
        isStale: pullAt - readyAt > windowMinutes + 1e-9,
        standing: liftedAt === null ? 'soaking' : 'waiting',
      })
      plateFree = pullAt + pullMinutes
      continue
    }
    const before = sheets[sheet - 1 - tubSheets]
    const earliestIn = Math.max(now, startAt, before ? before.liftAt : -Infinity)
    const { pullAt, liftAt } = soonestPull(
      Math.max(plateReady, earliestIn + soakMinutes + drainMinutes),
      times,
      breaks,
      earliestIn,
    )
    sheets.push({
      sheet,
      inAt: liftAt - soakMinutes,
      liftAt,
      readyAt: liftAt + drainMinutes,
      inkAt: pullAt - inkWipeMinutes,
      pullAt,
      isStale: false,
      standing: 'to-come',
    })
    plateFree = pullAt + pullMinutes
  }
  const { inkWipeMinutes, pullMinutes } = setting
  const work = inkWipeMinutes + pullMinutes
  const tub = soakMinutes / tubSheets
  const printedAt = plateFree
  const slowestHand = inkWipeMinutes >= pullMinutes ? 'wiping' : 'pulling'
  return {
    sheets,
    startAt,
    printedAt,
    endAt: printedAt + cleanUpMinutes,
    cycleMinutes: Math.max(work, tub),
    bottleneck: tub > work ? 'tub' : slowestHand,
  }
}

/** The latest start, to a minute, at which the day still ends by a wish; null where even a whole day before is too late. */
export function latestStart(
  setting: DaySetting,
  finishBy: number,
  breaks: readonly DayBreak[] = [],
): number | null {
  const least = planDay(setting, 0).endAt
  for (let start = Math.floor(finishBy - least); start > finishBy - least - 1440; start--)
    if (planDay(setting, start, breaks).endAt <= finishBy) return start
  return null
}

/** Most pulls that are printed and cleaned up after between two moments. */
export function pullsThatFit(
  setting: DaySetting,
  startAt: number,
  finishBy: number,
  breaks: readonly DayBreak[] = [],
): number {
  let fit = 0
  while (fit < 200 && planDay({ ...setting, pulls: fit + 1 }, startAt, breaks).endAt <= finishBy) fit++
  return fit
}

/** One thing to relax when a day does not fit, with the minutes it wins. */
export interface Relaxation {
  words: string
  winsMinutes: number
}

/** What would make a day shorter, the most helpful first; what wins nothing is left out. */
export function whatToRelax(
  setting: DaySetting,
  startAt: number,
  breaks: readonly DayBreak[] = [],
): Relaxation[] {
  const { endAt } = planDay(setting, startAt, breaks)
  const fewer = Math.max(1, setting.pulls - 2)
  const tries: [string, DaySetting, readonly DayBreak[]][] = [
    [`pull ${fewer} instead of ${setting.pulls}`, { ...setting, pulls: fewer }, breaks],
    ['work through the breaks', setting, []],
    [`a tub for ${2 * setting.tubSheets} sheets`, { ...setting, tubSheets: 2 * setting.tubSheets }, breaks],
    [
      'put the first sheets in the water before the day begins',
      {
        ...setting,
        soakMinutes: Math.min(setting.soakMinutes, setting.setUpMinutes + setting.inkWipeMinutes),
      },
      breaks,
    ],
    [
      'a second pair of hands wipes: half the time',
      { ...setting, inkWipeMinutes: setting.inkWipeMinutes / 2 },
      breaks,
    ],
  ]
  return tries
    .map(([words, changed, rests]) => ({
      words,
      winsMinutes: endAt - planDay(changed, startAt, rests).endAt,
    }))
    .filter(({ winsMinutes }) => winsMinutes > 0.5)
    .sort((a, b) => b.winsMinutes - a.winsMinutes)
}
