import { z } from 'zod'
import { deskRailsSchema, EMPTY_RAILS, type DeskEntry } from '@/core/edition/deskEntry'
import { DESK_START, type DeskState } from '@/core/edition/deskKeys'
import { faultSchema } from '@/core/edition/fault'
import { meetingSchema } from '@/core/edition/meeting'

const stateSchema: z.ZodType<DeskState> = z.strictObject({
  phase: z.enum(['meeting', 'moment', 'judge', 'fault', 'reject']),
  shiftMinutes: z.number(),
  seen: z.enum(['lighter', 'same', 'darker']).nullable(),
  where: faultSchema.shape.where.nullable(),
  faults: z.array(faultSchema),
})

/** A pull in hand: under the roller or judged, not yet decided. */
const draftSchema = z.strictObject({
  id: z.string(),
  number: z.number(),
  sheet: z.number(),
  at: z.number(),
  meeting: meetingSchema,
  rails: deskRailsSchema,
  /** what it was before a decision was taken back, already at the server */ isSent: z.boolean(),
  /** a warm-up: it gets no number */ isWarm: z.boolean(),
})
export type DeskDraft = z.infer<typeof draftSchema>

/** A pull that waits goes out as it was written, whatever release wrote it: the server brings it up. */
const waitingEntry = z
  .looseObject({ kind: z.enum(['pull', 'amendment', 'withdrawal']), id: z.string() })
  .transform((entry) => entry as unknown as DeskEntry)

const memorySchema = z.strictObject({
  rails: deskRailsSchema,
  state: stateSchema,
  draft: draftSchema.nullable(),
  queue: z.array(waitingEntry),
  /** the last pull this device decided, for going back to it */
  last: z.strictObject({ draft: draftSchema, state: stateSchema }).nullable(),
  notes: z.array(z.string()).max(20),
  hands: z.strictObject({ inked: z.string(), wiped: z.string(), laid: z.string() }),
  role: z.enum(['both', 'inky', 'clean']),
  /** the day, as YYYY-MM-DD, on which warm-ups were ended by hand */
  warmEnded: z.string(),
})
/** Everything a desk holds on its device: it survives a reload and an empty battery. */
export type DeskMemory = z.infer<typeof memorySchema>

const waitingSchema = z.object({ queue: z.array(z.unknown()) })

export const FRESH_DESK: DeskMemory = {
  rails: EMPTY_RAILS,
  state: DESK_START,
  draft: null,
  queue: [],
  last: null,
  notes: [],
  hands: { inked: '', wiped: '', laid: '' },
  role: 'both',
  warmEnded: '',
}

/** Reads a desk's memory. One that a later or earlier Typothesis wrote otherwise begins anew, but the pulls that wait in it are kept. */
export function readMemory(text: string): DeskMemory {
  try {
    const said: unknown = JSON.parse(text)
    const parsed = memorySchema.safeParse(said)
    if (parsed.success) return parsed.data
    const waiting = waitingSchema.safeParse(said)
    return {
      ...FRESH_DESK,
      queue: waiting.success
        ? waiting.data.queue.flatMap((entry) => waitingEntry.safeParse(entry).data ?? [])
        : [],
    }
  } catch {
    return FRESH_DESK
  }
}
