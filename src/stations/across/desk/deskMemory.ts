import { z } from 'zod'
import { ENTRY_VERSION, type DeskEntry } from '@/core/edition/deskEntry'
import { DESK_START, type DeskState } from '@/core/edition/deskKeys'
import { EMPTY_RAILS, type DeskWaits, type OwnRail } from '@/core/edition/deskRails'
import { faultSchema } from '@/core/edition/fault'
import { meetingSchema } from '@/core/edition/meeting'

const stateSchema: z.ZodType<DeskState> = z.strictObject({
  phase: z.enum(['meeting', 'moment', 'judge', 'fault', 'cause', 'reject']),
  shiftMinutes: z.number(),
  seen: z.enum(['lighter', 'same', 'darker']).nullable(),
  where: faultSchema.shape.where.nullable(),
  faults: z.array(faultSchema),
})

/** A pull in hand: under the roller or judged, not yet decided. What it is went out at once; what is said of it follows. */
const draftSchema = z.strictObject({
  id: z.string(),
  number: z.number(),
  sheet: z.number(),
  at: z.number(),
  meeting: meetingSchema,
  /** the starts of its segments, for going back before the pull */
  begun: z.strictObject({ plate: z.array(z.number()), sheet: z.array(z.number()) }),
  /** minutes its moment was shifted by, as far as that was said */
  shiftSaid: z.number(),
  /** a decision was said of it before, and is taken back */
  isJudged: z.boolean(),
  /** a warm-up: it gets no number */
  isWarm: z.boolean(),
})
export type DeskDraft = z.infer<typeof draftSchema>

const railSchema: z.ZodType<OwnRail> = z.strictObject({
  begun: z.array(z.number()),
  sequence: z.number(),
  trail: z.array(z.array(z.number())),
})

const memorySchema = z.strictObject({
  rails: z.strictObject({ plate: railSchema, sheet: railSchema }),
  state: stateSchema,
  draft: draftSchema.nullable(),
  /** the last pull this device decided, for going back to it */
  last: z.strictObject({ draft: draftSchema, state: stateSchema }).nullable(),
  notes: z.array(z.string()).max(20),
  hands: z.strictObject({ inked: z.string(), wiped: z.string(), laid: z.string() }),
  role: z.enum(['both', 'inky', 'clean']),
  /** the day, as YYYY-MM-DD, on which warm-ups were ended by hand */
  warmEnded: z.string(),
})

/** What waits for the server: goes out as it was written, whatever release wrote it, and stays when it is refused. */
export interface Waiting {
  /** the version of its shape */
  version: number
  entry: DeskEntry
  /** why the server does not take it; null: it was not refused */
  refused: string | null
}

/** Everything a desk holds on its device: it survives a reload, an empty battery and the server's absence. */
export type DeskMemory = z.infer<typeof memorySchema> & { queue: Waiting[] }

const own = ({ begun, sequence }: { begun: number[]; sequence: number }): OwnRail => ({
  begun,
  sequence,
  trail: [],
})

export const FRESH_DESK: DeskMemory = {
  rails: { plate: own(EMPTY_RAILS.plate), sheet: own(EMPTY_RAILS.sheet) },
  state: DESK_START,
  draft: null,
  queue: [],
  last: null,
  notes: [],
  hands: { inked: '', wiped: '', laid: '' },
  role: 'both',
  warmEnded: '',
}

/** An entry as this release writes it. */
export const waiting = (entry: DeskEntry): Waiting => ({ version: ENTRY_VERSION, entry, refused: null })

/** What of the queue the server may still take. */
export const unrefused = (queue: readonly Waiting[]): DeskEntry[] =>
  queue.flatMap(({ entry, refused }) => (refused === null ? [entry] : []))

/** How many pulls wait that were not refused: what is said of one pull is one with it. */
export const pullsWaiting = (queue: readonly Waiting[]): number =>
  new Set(unrefused(queue).map((entry) => (entry.kind === 'pull' ? entry.id : entry.pullId))).size

/** What a desk says of its queue to the machine. */
export const waitingOf = (queue: readonly Waiting[]): DeskWaits => {
  const toSend = unrefused(queue).length
  return { toSend, refused: queue.length - toSend }
}

/** Reads what a desk holds beside its queue; what another Typothesis wrote otherwise begins anew. */
export function readBeside(kept: unknown): Omit<DeskMemory, 'queue'> {
  const { queue: _, ...fresh } = FRESH_DESK
  return memorySchema.safeParse(kept).data ?? fresh
}

/** What of a memory is kept in one piece, beside its queue. */
export const besideQueue = ({ queue: _, ...beside }: DeskMemory): Omit<DeskMemory, 'queue'> => beside

const firstDesks = z.looseObject({
  queue: z.array(z.unknown()).default([]),
  hands: memorySchema.shape.hands.optional(),
  role: memorySchema.shape.role.optional(),
})
const anEntry = z.looseObject({ kind: z.string(), id: z.string() })

/**
 * Reads the memory of the first desks, which kept it as one text: who works there, and every entry that waits, word for word.
 *
 * @returns null where there is none
 */
export function readFirstDesk(text: string | null): DeskMemory | null {
  if (!text) return null
  try {
    const { queue, hands, role } = firstDesks.parse(JSON.parse(text))
    return {
      ...FRESH_DESK,
      hands: hands ?? FRESH_DESK.hands,
      role: role ?? FRESH_DESK.role,
      queue: queue.flatMap((one) => {
        const { data } = anEntry.safeParse(one)
        return data ? [{ version: 1, entry: data as unknown as DeskEntry, refused: null }] : []
      }),
    }
  } catch {
    return null
  }
}
