import { z } from 'zod'
import { finite, nonNegative } from '../units/schemas'
import type { WipeStep } from './wipingOrder'

/** The pacer's memory: only the moments at which steps began and the last one ended, in milliseconds; the rest is derived. */
export const paceSchema = z.strictObject({ startedAt: z.array(finite).max(200), endedAt: finite.nullable() })
export type Pace = Readonly<z.infer<typeof paceSchema>>

/** A pacer that has not been started. */
export const UNSTARTED: Pace = { startedAt: [], endedAt: null }

/** What a wipe took, kept beside what was planned. */
export const wipeTakenSchema = z
  .array(z.strictObject({ step: z.string(), plannedSeconds: nonNegative, takenSeconds: nonNegative }))
  .max(200)
export type WipeTaken = z.infer<typeof wipeTakenSchema>

/** Begins the first step, or ends the running step and begins the next; after the last, the pace ends. */
export function advancePace(pace: Pace, stepCount: number, now: number): Pace {
  if (pace.endedAt !== null) return pace
  if (pace.startedAt.length === stepCount) return stepCount === 0 ? pace : { ...pace, endedAt: now }
  return { ...pace, startedAt: [...pace.startedAt, now] }
}

/** Takes back the last advance, so that a knuckle too many costs nothing. */
export function retreatPace(pace: Pace): Pace {
  return pace.endedAt !== null
    ? { ...pace, endedAt: null }
    : { ...pace, startedAt: pace.startedAt.slice(0, -1) }
}

/** Seconds each step begun so far has taken, the running one up to `now`. */
export function takenSeconds({ startedAt, endedAt }: Pace, now: number): number[] {
  return startedAt.map((start, i) => Math.max(0, ((startedAt[i + 1] ?? endedAt ?? now) - start) / 1000))
}

/** How far the wipe is ahead of (negative) or behind (positive) its plan, in seconds; a running step counts only once it overruns. */
export function paceDrift(pace: Pace, steps: readonly Pick<WipeStep, 'seconds'>[], now: number): number {
  return takenSeconds(pace, now).reduce((drift, taken, i) => {
    const running = pace.endedAt === null && i === pace.startedAt.length - 1
    const late = taken - steps[i].seconds
    return drift + (running ? Math.max(0, late) : late)
  }, 0)
}
