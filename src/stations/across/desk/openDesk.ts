import { answeredRails, onClock, type DeskRails } from '@/core/edition/deskRails'
import { FRESH_DESK, type DeskMemory } from './deskMemory'
import { firstMemory, forgetFirst, keepJob, keepMemory, readDevice, tryDevice } from './deskStore'
import { RefusedError, sendEntries, sendRails } from './deskTalk'
import type { Desk } from './deskShape'

/** A desk that this device knows does not wait longer for the server, ms. */
const PATIENCE_MS = 3000

/** A desk as it opens. */
export interface OpenedDesk {
  first: Desk
  held: DeskMemory
  /** why this device keeps nothing; null: it does */
  trouble: string | null
}

const later = (ms: number) => new Promise<null>((resolve) => setTimeout(() => resolve(null), ms))

/** What the server says of a desk, or why nothing; null: it is away. */
async function askServer(slug: string): Promise<Desk | string | null> {
  try {
    return (await sendEntries(slug, [])).desk
  } catch (error) {
    return error instanceof RefusedError ? error.message : null
  }
}

/** How plate and sheet stand at the server, in moments of this device; null: it does not say. */
async function askRails(slug: string): Promise<DeskRails | null> {
  const from = Date.now()
  try {
    const { rails, moment } = await sendRails(slug, [])
    return onClock(rails, (from + Date.now()) / 2 - moment)
  } catch {
    return null
  }
}

/** The memory to begin from: what is kept here, and what the first desks left behind. */
function joined(kept: DeskMemory | null, first: DeskMemory | null): DeskMemory {
  if (!kept) return first ?? FRESH_DESK
  const known = new Set(kept.queue.map(({ entry }) => entry.id))
  const left = first?.queue.filter(({ entry }) => !known.has(entry.id)) ?? []
  return left.length > 0 ? { ...kept, queue: [...left, ...kept.queue] } : kept
}

/**
 * Opens the desk of a job: from the server if it answers, else from this device. Whether the device keeps what will be done is tried
 * first.
 *
 * @returns the desk, or in words why there is none
 */
export async function openDesk(slug: string): Promise<OpenedDesk | string> {
  const [tried, device] = await Promise.all([
    tryDevice(),
    readDevice(slug).catch(() => ({ memory: null, desk: null })),
  ])
  const asked = askServer(slug)
  const [said, rails] = await Promise.all([
    device.desk ? Promise.race([asked, later(PATIENCE_MS)]) : asked,
    // A key pressed at once must begin from how the rails stand, or the first answer would undo it.
    device.memory ? Promise.race([askRails(slug), later(PATIENCE_MS)]) : askRails(slug),
  ])
  const first = typeof said === 'object' && said ? said : device.desk
  if (!first)
    return (
      said?.toString() ??
      'The server does not answer, and this device has never opened this desk: it needs the server once.'
    )
  const left = firstMemory(first.id)
  const remembered = joined(device.memory, left)
  const held = rails ? { ...remembered, rails: answeredRails(remembered.rails, rails) } : remembered
  let trouble = tried
  try {
    await keepJob(first)
    if (left) {
      await keepMemory(first, device.memory, held)
      forgetFirst(first.id)
    }
  } catch (error) {
    trouble ??= error instanceof Error ? error.message : String(error)
  }
  return { first, held, trouble }
}
