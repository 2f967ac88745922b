import { z } from 'zod'
import { settingsSchema } from '../prove/settings'
import type { Upgrade } from '../document/documentKind'
import { count, label, moment } from '../units/schemas'
import { laterEventSchema } from './laterEvent'
import { handsSchema, pullEventSchema } from './pull'
import { pullId, timeZone } from './pullId'

const keptPullEvent = z.union([pullEventSchema, laterEventSchema])

/** A pull as a desk made it, with all that was seen of it; its id, made by the device, keeps it from being made twice. */
export const deskPullSchema = z.strictObject({
  kind: z.literal('pull'),
  id: pullId,
  pullKind: z.enum(['edition', 'warmup']),
  /** the run the desk was opened for */
  runPosition: count,
  pulledAt: moment,
  zone: timeZone,
  estimated: z.boolean(),
  hands: handsSchema,
  settings: settingsSchema,
  batVersion: count.min(1).nullable(),
  events: z.array(keptPullEvent).max(40),
  by: label,
})

/** What a desk says anew of a pull it had sent before. */
export const deskAmendmentSchema = z.strictObject({
  kind: z.literal('amendment'),
  id: pullId,
  pullId,
  events: z.array(keptPullEvent).min(1).max(40),
  by: label,
  at: moment,
})

/** A pull that was none: taken back at the desk after the server had it. */
export const deskWithdrawalSchema = z.strictObject({
  kind: z.literal('withdrawal'),
  id: pullId,
  pullId,
  pullKind: deskPullSchema.shape.pullKind,
  by: label,
  at: moment,
})

/** A pull in hand went to the server at once; its moment is said again when somebody shifts it back. */
export const deskMomentSchema = z.strictObject({
  kind: z.literal('moment'),
  id: pullId,
  pullId,
  pulledAt: moment,
  by: label,
  at: moment,
})

/** What a desk keeps until the server has it. */
export const deskEntrySchema = z.discriminatedUnion('kind', [
  deskPullSchema,
  deskAmendmentSchema,
  deskMomentSchema,
  deskWithdrawalSchema,
])
export type DeskEntry = z.infer<typeof deskEntrySchema>

/** The first desks knew one run only and did not say which. */
const sayRun: Upgrade = (entry) => (entry.kind === 'pull' ? { runPosition: 0, ...entry } : { ...entry })

/** Steps that bring what an earlier desk wrote to the newest: step i takes version i + 1 to i + 2. */
export const ENTRY_STEPS: readonly Upgrade[] = [sayRun]
/** The version desks write now. */
export const ENTRY_VERSION = ENTRY_STEPS.length + 1

/** What became of an entry: kept now, there already, or refused with a reason; a note is said beside what is kept. */
export interface DeskOutcome {
  id: string
  outcome: 'kept' | 'already' | 'refused'
  message: string | null
  /** number and sheet a pull got; null: it is no pull, or was refused */
  given: { number: number; sheet: number } | null
}

/** The most entries a desk sends at a time. */
export const MOST_ENTRIES = 100
