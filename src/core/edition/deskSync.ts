import { z } from 'zod'
import { asideWithin, readLeniently, type SetAside } from '../document/setAside'
import { settingsDocument } from '../prove/settingsDocument'
import { deskEntrySchema, type DeskEntry } from './deskEntry'
import type { LaterEvent } from './laterEvent'
import type { PullEvent } from './pull'
import { readPullEvent } from './pullEventDocument'

const isKept = (value: unknown) => typeof value === 'object' && value !== null
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
  const events = z
    .array(z.unknown())
    .parse(sent.events ?? [])
    .map(readPullEvent)
  const { value: entry, aside } = readLeniently(deskEntrySchema, {
    ...sent,
    ...(settings && { settings: settings.value }),
    ...(sent.events !== undefined && { events: events.map(({ value }) => value) }),
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
