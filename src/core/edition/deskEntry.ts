import { z } from 'zod'
import { asideWithin, readLeniently, type SetAside } from '../document/setAside'
import { settingsDocument, settingsSchema } from '../prove/settings'
import { pullId } from '../record/jobFile'
import { count, finite, label, moment } from '../units/schemas'
import { laterEventSchema, type LaterEvent } from './laterEvent'
import { handsSchema, pullEventSchema, timeZone, type PullEvent } from './pull'
import { readPullEvent } from './pullEventDocument'

const keptPullEvent = z.union([pullEventSchema, laterEventSchema])
const isKept = (value: unknown) => typeof value === 'object' && value !== null

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

/** What a desk keeps until the server has it. */
export const deskEntrySchema = z.discriminatedUnion('kind', [deskPullSchema, deskAmendmentSchema])
export type DeskEntry = z.infer<typeof deskEntrySchema>

const syncInput = z.looseObject({
  entries: z.array(z.looseObject({})).max(500, { error: 'takes at most 500 entries at a time' }),
})

/** An event a desk sent, with what of it this release does not know. */
export interface SentEvent {
  event: PullEvent | LaterEvent
  aside: SetAside[]
}

/** An entry a desk sent: its events apart, and what else of it this release does not know. */
export interface SentEntry {
  entry: DeskEntry
  events: SentEvent[]
  aside: SetAside[]
}

function readEntry(sent: Record<string, unknown>): SentEntry {
  const settings = isKept(sent.settings) ? settingsDocument.read(sent.settings) : null
  const events = z.array(z.unknown()).parse(sent.events).map(readPullEvent)
  const { value: entry, aside } = readLeniently(deskEntrySchema, {
    ...sent,
    ...(settings && { settings: settings.value }),
    events: events.map(({ value }) => value),
  })
  return {
    entry,
    events: events.map(({ value: event, aside: unknown }) => ({ event, aside: unknown })),
    aside: [...asideWithin(['settings'], settings?.aside ?? []), ...aside],
  }
}

/**
 * Reads what a desk of any release sends: settings of an earlier one are brought up, what a later one says beside them is set aside.
 *
 * @throws ZodError naming the entry and the place in it; LaterDocumentError
 */
export function readDeskSync(input: unknown): SentEntry[] {
  return syncInput.parse(input).entries.map((sent, i) => {
    try {
      return readEntry(sent)
    } catch (error) {
      if (!(error instanceof z.ZodError)) throw error
      throw new z.ZodError(error.issues.map((issue) => ({ ...issue, path: ['entries', i, ...issue.path] })))
    }
  })
}

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
