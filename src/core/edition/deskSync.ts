import { z } from 'zod'
import { LaterDocumentError, upgradeDocument } from '../document/documentKind'
import { asideWithin, readLeniently, type SetAside } from '../document/setAside'
import { settingsDocument } from '../prove/settingsDocument'
import { deskEntrySchema, ENTRY_STEPS, MOST_ENTRIES, type DeskEntry } from './deskEntry'
import type { LaterEvent } from './laterEvent'
import { pullId } from './pullId'
import type { PullEvent } from './pull'
import { readPullEvent } from './pullEventDocument'

const isKept = (value: unknown) => typeof value === 'object' && value !== null
/** The message around the entries; each of them carries its own version besides. */
const syncInput = z.looseObject({
  version: z.literal(1, { error: 'is a message of another Typothesis' }).default(1),
  entries: z
    .array(z.looseObject({ id: pullId }))
    .max(MOST_ENTRIES, { error: `takes at most ${MOST_ENTRIES} entries at a time` }),
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

/** An entry that cannot be read, and why. */
export interface UnreadEntry {
  id: string
  why: string
}

/** Places of an entry as people know them. */
const PLACES: Readonly<Record<string, string | undefined>> = {
  by: 'Who inks',
  'hands.inked': 'Who inks',
  'hands.wiped': 'Who wipes',
  'hands.laid': 'Who lays the sheet',
  pulledAt: 'The moment',
  zone: 'The time zone',
  batVersion: 'The BAT',
  runPosition: 'The run',
}

function readEntry(document: Record<string, unknown>): SentEntry {
  const { version: _, ...sent } = upgradeDocument(document, ENTRY_STEPS) as Record<string, unknown>
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
 * Reads what a desk of any release sends: entries of an earlier one are brought up, what a later one says beside them is set aside. One
 * that cannot be read does not keep the others from being heard.
 *
 * @throws ZodError when this is no message of a desk
 */
export function readDeskSync(input: unknown): (SentEntry | UnreadEntry)[] {
  return syncInput.parse(input).entries.map((sent) => {
    try {
      return readEntry(sent)
    } catch (error) {
      if (error instanceof LaterDocumentError) return { id: sent.id, why: `This entry’s ${error.message}.` }
      if (!(error instanceof z.ZodError)) throw error
      const [{ path, message }] = error.issues
      const place = path.join('.')
      return { id: sent.id, why: `${PLACES[place] ?? place}: ${message}.` }
    }
  })
}
