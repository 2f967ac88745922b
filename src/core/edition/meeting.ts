import { z } from 'zod'
import { median } from '../stats/median'
import { finite, label, nonNegative } from '../units/schemas'
import type { WipeTaken } from '../wipe/pace'

/** The two ways that meet under the roller. */
export const RAILS = { plate: 'Plate', sheet: 'Sheet' } as const
export type Rail = keyof typeof RAILS

/** Starts of segments before a pull: all that is stored of how plate and sheet came together; the rest is derived. */
export const meetingSchema = z
  .array(
    z.strictObject({
      rail: z.enum(['plate', 'sheet']),
      step: label,
      plannedSeconds: nonNegative,
      secondsBefore: finite
        .min(0, { error: 'must be 0 or more' })
        .max(86_400, { error: 'must be within a day of the pull' }),
    }),
  )
  .max(240)
export type Meeting = z.infer<typeof meetingSchema>

/** A stretch of a rail as it is planned, or was at the BAT. */
export interface PlannedSegment {
  step: string
  seconds: number
}

/** What the sheet goes through from the tub to the plate, s [common practice, no source]; a dry sheet only waits. */
export const SHEET_STEPS: Record<'damp' | 'dry', PlannedSegment[]> = {
  damp: [
    { step: 'Lift', seconds: 15 },
    { step: 'Drain', seconds: 120 },
    { step: 'Blot', seconds: 60 },
    { step: 'Wait', seconds: 30 },
  ],
  dry: [{ step: 'Wait', seconds: 30 }],
}

/** A rail under way: when its segments began, ms since 1970; as many as have begun. */
export type Begun = readonly number[]

/** Seconds until a rail is at the roller: what is left of the running segment, never below zero, and all after it. */
export function secondsLeft(planned: readonly PlannedSegment[], begun: Begun, now: number): number {
  const at = begun.length - 1
  const running =
    at >= 0 && at < planned.length ? Math.max(0, planned[at].seconds - (now - begun[at]) / 1000) : 0
  return running + planned.slice(Math.max(0, begun.length)).reduce((sum, { seconds }) => sum + seconds, 0)
}

/**
 * The step of the plate during which the sheet is lifted, so that both are ready together: the sheet's clock runs back from the plate's last
 * step.
 *
 * @returns its place, from 0, and the seconds into it; null: the sheet takes longer than the plate, and is lifted first
 * @example liftDuring([{ step: 'Ink', seconds: 60 }, { step: 'Wipe', seconds: 90 }], [{ step: 'Drain', seconds: 100 }])
 *   // { at: 0, afterSeconds: 50 }
 */
export function liftDuring(
  plate: readonly PlannedSegment[],
  sheet: readonly PlannedSegment[],
): { at: number; afterSeconds: number } | null {
  const length = (segments: readonly PlannedSegment[]) =>
    segments.reduce((sum, { seconds }) => sum + seconds, 0)
  const from = length(plate) - length(sheet)
  if (from < 0) return null
  let begun = 0
  const at = plate.findIndex(({ seconds }) => {
    if (from < begun + seconds) return true
    begun += seconds
    return false
  })
  return at < 0 ? null : { at, afterSeconds: from - begun }
}

/** What is to be done so that plate and sheet meet. */
export interface MeetingCall {
  words: string
  /** seconds until it is due; null: now */ inSeconds: number | null
  gapSeconds: number
}

/** A difference of this many seconds is no difference to a damp sheet [common practice, no source]. */
const MEETS_WITHIN = 20
function clock(seconds: number): string {
  const whole = Math.round(seconds)
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}

/** The step that runs on a rail, with the time left of it, or by how much it is over: "1:45 Drain", "+0:20 Blot"; null: none runs. */
export function runningStep(planned: readonly PlannedSegment[], begun: Begun, now: number): string | null {
  const segment = planned[begun.length - 1]
  if (!segment) return null
  const left = segment.seconds - (now - begun[begun.length - 1]) / 1000
  return `${left < 0 ? '+' : ''}${clock(Math.abs(left))} ${segment.step}`
}

/**
 * Holds the two rails against each other. The sheet's first step is begun so that both are ready together; once both run, the
 * difference is said with what mends it.
 */
export function callMeeting(
  plate: { planned: readonly PlannedSegment[]; begun: Begun },
  sheet: { planned: readonly PlannedSegment[]; begun: Begun },
  now: number,
  sheetNumber: number,
): MeetingCall {
  const [plateLeft, sheetLeft] = [
    secondsLeft(plate.planned, plate.begun, now),
    secondsLeft(sheet.planned, sheet.begun, now),
  ]
  const gapSeconds = plateLeft - sheetLeft
  if (plate.begun.length === 0 && sheet.begun.length === 0) {
    return gapSeconds >= 0
      ? {
          words: `Ink the plate; lift sheet ${sheetNumber} ${clock(gapSeconds)} after`,
          inSeconds: null,
          gapSeconds,
        }
      : {
          words: `Lift sheet ${sheetNumber}; ink the plate ${clock(-gapSeconds)} after`,
          inSeconds: null,
          gapSeconds,
        }
  }
  const first = sheet.planned[0]?.step ?? 'Lift'
  if (sheet.begun.length === 0) {
    if (gapSeconds > MEETS_WITHIN)
      return {
        words: `${first} sheet ${sheetNumber} in ${clock(gapSeconds)}`,
        inSeconds: gapSeconds,
        gapSeconds,
      }
    return {
      words:
        gapSeconds < -MEETS_WITHIN
          ? `${first} sheet ${sheetNumber} now: the plate waits ${clock(-gapSeconds)}`
          : `${first} sheet ${sheetNumber} now`,
      inSeconds: null,
      gapSeconds,
    }
  }
  if (plate.begun.length === 0) {
    if (-gapSeconds > MEETS_WITHIN)
      return { words: `Ink the plate in ${clock(-gapSeconds)}`, inSeconds: -gapSeconds, gapSeconds }
    return {
      words:
        gapSeconds > MEETS_WITHIN
          ? `Ink the plate now: the sheet waits ${clock(gapSeconds)}`
          : 'Ink the plate now',
      inSeconds: null,
      gapSeconds,
    }
  }
  if (plateLeft === 0 && sheetLeft === 0)
    return { words: 'They meet: lay the sheet and pull', inSeconds: null, gapSeconds }
  if (gapSeconds > MEETS_WITHIN)
    return {
      words: `The sheet is ${clock(gapSeconds)} ahead: keep it under plastic`,
      inSeconds: null,
      gapSeconds,
    }
  if (gapSeconds < -MEETS_WITHIN)
    return { words: `The plate is ${clock(-gapSeconds)} ahead: keep it warm`, inSeconds: null, gapSeconds }
  return {
    words: `They meet in ${clock(Math.max(plateLeft, sheetLeft))}`,
    inSeconds: Math.max(plateLeft, sheetLeft),
    gapSeconds,
  }
}

/** What is stored of a meeting when the sheet goes under the roller. */
export function meetingAt(
  rails: Record<Rail, { planned: readonly PlannedSegment[]; begun: Begun }>,
  pulledAt: number,
): Meeting {
  return (Object.keys(RAILS) as Rail[]).flatMap((rail) =>
    rails[rail].begun.slice(0, rails[rail].planned.length).map((start, i) => ({
      rail,
      step: rails[rail].planned[i].step,
      plannedSeconds: rails[rail].planned[i].seconds,
      secondsBefore: Math.min(86_400, Math.max(0, Math.round((pulledAt - start) / 100) / 10)),
    })),
  )
}

/** How long each segment of a rail took, the last one to the pull itself. */
export function takenOnRail(meeting: Meeting, rail: Rail): WipeTaken {
  const own = meeting.filter((one) => one.rail === rail)
  return own.map(({ step, plannedSeconds, secondsBefore }, i) => ({
    step,
    plannedSeconds,
    takenSeconds: Math.max(0, Math.round(10 * (secondsBefore - (own[i + 1]?.secondsBefore ?? 0))) / 10),
  }))
}

/** A gap to the pull before that is longer than this many medians may hide a pull nobody logged. */
const FORGOTTEN = 1.6

/** Whether a pull may have been forgotten before this one: the gap is over 1.6 times the median of the gaps before it. @param pulledAt moments, oldest first, ms */
export function mayBeForgotten(pulledAt: readonly number[], now: number): boolean {
  const gaps = pulledAt
    .slice(1)
    .map((moment, i) => moment - pulledAt[i])
    .filter((gap) => gap > 0)
  if (gaps.length < 3) return false
  return now - pulledAt.at(-1)! > FORGOTTEN * median(gaps)
}
