import { z } from 'zod'
import { settingsSchema } from '../prove/settings'
import { count, finite, label, moment } from '../units/schemas'
import { laterEventSchema } from './laterEvent'
import { handsSchema, pullEventSchema, pullId, timeZone } from './pull'

const keptPullEvent = z.union([pullEventSchema, laterEventSchema])

/** A pull as a desk made it, with all that was seen of it; its id, made by the device, keeps it from being made twice. */
export const deskPullSchema = z.strictObject({
  kind: z.literal('pull'),
  id: pullId,
  pullKind: z.enum(['edition', 'warmup']),
  /** the run the desk was opened for */
  runPosition: count.default(0),
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

/** What a desk keeps until the server has it. */
export const deskEntrySchema = z.discriminatedUnion('kind', [
  deskPullSchema,
  deskAmendmentSchema,
  deskWithdrawalSchema,
])
export type DeskEntry = z.infer<typeof deskEntrySchema>

/** What became of an entry: kept now, there already, or refused with a reason; a note is said beside what is kept. */
export interface DeskOutcome {
  id: string
  outcome: 'kept' | 'already' | 'refused'
  message: string | null
}

/** How plate and sheet stand at a desk: starts of segments, and when each rail was last touched, ms since 1970. */
export const deskRailsSchema = z.strictObject({
  plate: z.strictObject({ begun: z.array(finite).max(80), changedAt: finite }),
  sheet: z.strictObject({ begun: z.array(finite).max(20), changedAt: finite }),
})
export type DeskRails = z.infer<typeof deskRailsSchema>
export const EMPTY_RAILS: DeskRails = {
  plate: { begun: [], changedAt: 0 },
  sheet: { begun: [], changedAt: 0 },
}

/** Two devices' words on the rails: of each rail the later holds, so that inky and clean hands do not undo one another. */
export const mergeRails = (a: DeskRails, b: DeskRails): DeskRails => ({
  plate: b.plate.changedAt > a.plate.changedAt ? b.plate : a.plate,
  sheet: b.sheet.changedAt > a.sheet.changedAt ? b.sheet : a.sheet,
})
