import { z } from 'zod'
import { label, moment, remark } from '../units/schemas'
import { procedureSchema, type Procedure } from './procedure'

/** What is said of a step while a plate is made: kept as it happens, never changed. */
export const makingEventSchema = z.strictObject({
  kind: z.enum(['begun', 'done', 'skipped', 'failed', 'note']),
  stepId: label,
  note: remark,
})
export type MakingEvent = z.infer<typeof makingEventSchema>

export const keptMakingEventSchema = makingEventSchema.extend({ at: moment, by: label })
export type KeptMakingEvent = z.infer<typeof keptMakingEventSchema>

/** The making of a job's plate: the procedure as it stood when it was begun, and all that happened. */
export const makingSchema = z.strictObject({
  id: label,
  procedure: procedureSchema,
  startedAt: moment,
  by: label,
  events: z.array(keptMakingEventSchema),
})
export type Making = z.infer<typeof makingSchema>

/** How a step stands. */
export interface MakingStep {
  id: string
  standing: 'waiting' | 'running' | 'done' | 'skipped'
  /** how often it was begun */
  rounds: number
  /** minutes by the clock over all finished rounds */
  minutesTaken: number
  begunAt: string | null
  notes: string[]
  /** its check failed and it was not done since */
  failed: boolean
}

/** The making as it stands. */
export interface MakingStanding {
  steps: MakingStep[]
  /** the step that runs; null: none */
  running: string | null
  /** the next step in order that was neither done nor skipped; null: the plate is made */
  next: string | null
}

const minutesBetween = (from: string, to: string) => Math.max(0, (Date.parse(to) - Date.parse(from)) / 60_000)

/**
 * Reads what happened: a step begun runs until it is done, skipped, failed, or another is begun. A step may be begun again
 * after it was done, and steps may be begun in any order.
 */
export function readMaking({ procedure, events }: Pick<Making, 'procedure' | 'events'>): MakingStanding {
  const steps = new Map(
    procedure.steps.map(({ id }): [string, MakingStep] => [
      id,
      { id, standing: 'waiting', rounds: 0, minutesTaken: 0, begunAt: null, notes: [], failed: false },
    ]),
  )
  let running: MakingStep | null = null
  const stop = (at: string, standing: MakingStep['standing']) => {
    if (!running) return
    running.minutesTaken += minutesBetween(running.begunAt!, at)
    running.standing = standing
    running = null
  }
  for (const { kind, stepId, note, at } of events) {
    const step = steps.get(stepId)
    if (!step) continue
    if (note) step.notes.push(note)
    if (kind === 'begun') {
      if (running !== step) stop(at, 'waiting')
      else running.minutesTaken += minutesBetween(step.begunAt!, at)
      step.standing = 'running'
      step.rounds += 1
      step.begunAt = at
      running = step
    } else if (kind !== 'note') {
      if (running === step) stop(at, 'waiting')
      step.standing = kind === 'failed' ? 'waiting' : kind
      step.failed = kind === 'failed'
    }
  }
  const list = [...steps.values()]
  const runningId = list.find(({ standing }) => standing === 'running')?.id ?? null
  return {
    steps: list,
    running: runningId,
    next: list.find(({ standing }) => standing === 'waiting')?.id ?? null,
  }
}

/** Whether an event says something that can be said now: a step must be known, and only a running one can be done or fail. */
export function eventProblem(
  procedure: Procedure,
  events: readonly KeptMakingEvent[],
  { kind, stepId }: MakingEvent,
): string | null {
  if (!procedure.steps.some(({ id }) => id === stepId)) return 'is not a step of this procedure'
  const { running } = readMaking({ procedure, events: [...events] })
  return (kind === 'done' || kind === 'failed') && running !== stepId ? 'was not begun' : null
}
