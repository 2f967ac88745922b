import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import {
  besideQueue,
  FRESH_DESK,
  pullsWaiting,
  readBeside,
  readFirstDesk,
  type DeskMemory,
  type Waiting,
} from './deskMemory'
import { DESK_VERSION, type Desk } from './deskShape'
import { WAITING_CHANNEL } from './waitingChannel'

const NAME = 'typothesis-desk'
const VERSION = 1
/** Bytes written to see whether anything can be kept: more than an hour of pulls at a busy desk. */
const TRIED_BYTES = 512 * 1024
/** What is not written in this time is not kept, ms. */
const SLOWEST_MS = 5000

interface DeskDatabase extends DBSchema {
  /** of each job: who works there and what is in hand */
  desks: { key: string; value: { slug: string; title: string; beside: unknown } }
  /** of each job: what the server last said of it */
  jobs: { key: string; value: { slug: string; desk: Desk } }
  /** what waits for the server, in its order */
  entries: {
    key: [slug: string, id: string]
    value: { slug: string; id: string; place: number; waiting: Waiting }
    indexes: { bySlug: string }
  }
  trials: { key: string; value: { id: string; bytes: Uint8Array } }
}
type Store = IDBPDatabase<DeskDatabase>

/** Why this device cannot keep what is done at it, in words. */
export class DeviceStorageError extends Error {}

const inWords = (error: unknown): string => {
  const name = error instanceof DOMException ? error.name : ''
  const words: Record<string, string | undefined> = {
    QuotaExceededError: 'its storage is full',
    SecurityError: 'its browser refuses storage to this page',
    InvalidStateError: 'its browser refuses storage, as in a private window',
  }
  return (
    words[name] ?? (error instanceof Error && error.message ? error.message : 'its storage does not answer')
  )
}

/** What storage does, within a time, or why it does not in words. @throws DeviceStorageError */
async function timely<Value>(act: () => Promise<Value>): Promise<Value> {
  let late: ReturnType<typeof setTimeout> | undefined
  try {
    return await Promise.race([
      act(),
      new Promise<never>((_, reject) => {
        late = setTimeout(() => reject(new Error('its storage does not answer')), SLOWEST_MS)
      }),
    ])
  } catch (error) {
    throw new DeviceStorageError(inWords(error))
  } finally {
    clearTimeout(late)
  }
}

let opened: Promise<Store> | null = null

function open(): Promise<Store> {
  opened ??= openDB<DeskDatabase>(NAME, VERSION, {
    upgrade(database) {
      database.createObjectStore('desks', { keyPath: 'slug' })
      database.createObjectStore('jobs', { keyPath: 'slug' })
      database.createObjectStore('entries', { keyPath: ['slug', 'id'] }).createIndex('bySlug', 'slug')
      database.createObjectStore('trials', { keyPath: 'id' })
    },
    // Another window waits for a newer shape, or this one was cut off: it is opened again when it is needed.
    blocking: (_current, _blocked, event) => {
      opened = null
      ;(event.target as IDBDatabase).close()
    },
    terminated: () => {
      opened = null
    },
  }).catch((error: unknown) => {
    opened = null
    throw error
  })
  return opened
}

function tellWindows(): void {
  const channel = new BroadcastChannel(WAITING_CHANNEL)
  channel.postMessage('changed')
  channel.close()
}

const firstKey = (jobId: string) => `typothesis-desk-${jobId}`

/** What the first desks kept of a job, as one text of the page. */
export function firstMemory(jobId: string): DeskMemory | null {
  try {
    return readFirstDesk(localStorage.getItem(firstKey(jobId)))
  } catch {
    return null
  }
}

/** What of a job is kept on this device; null where nothing is. @throws DeviceStorageError */
export function readDevice(slug: string): Promise<{ memory: DeskMemory | null; desk: Desk | null }> {
  return timely(async () => {
    const store = await open()
    const [kept, job, entries] = await Promise.all([
      store.get('desks', slug),
      store.get('jobs', slug),
      store.getAllFromIndex('entries', 'bySlug', slug),
    ])
    const queue = entries.sort((a, b) => a.place - b.place).map(({ waiting }) => waiting)
    return {
      memory: kept || queue.length > 0 ? { ...readBeside(kept?.beside), queue } : null,
      desk: job?.desk.version === DESK_VERSION ? job.desk : null,
    }
  })
}

/**
 * Writes a memory down, so that it is on the disk when this ends: what is beside the queue, and of the queue what changed.
 *
 * @param before what was written last; null: nothing
 * @throws DeviceStorageError
 */
export function keepMemory(
  { slug, title }: Pick<Desk, 'slug' | 'title'>,
  before: DeskMemory | null,
  after: DeskMemory,
): Promise<void> {
  return timely(async () => {
    const store = await open()
    const writing = store.transaction(['desks', 'entries'], 'readwrite', { durability: 'strict' })
    try {
      const [desks, entries] = [writing.objectStore('desks'), writing.objectStore('entries')]
      const known = new Map((before ?? FRESH_DESK).queue.map((one, place) => [one.entry.id, { one, place }]))
      const writes: Promise<unknown>[] = []
      const add = (one: Promise<unknown>) => {
        // Told by the whole below; by itself it would be told twice.
        one.catch(() => undefined)
        writes.push(one)
      }
      add(desks.put({ slug, title, beside: besideQueue(after) }))
      after.queue.forEach((one, place) => {
        const { id } = one.entry
        const was = known.get(id)
        known.delete(id)
        if (was?.one !== one || was.place !== place) add(entries.put({ slug, id, place, waiting: one }))
      })
      for (const id of known.keys()) add(entries.delete([slug, id]))
      await Promise.all(writes)
    } catch (error) {
      // All of it or nothing: what went in before the one that failed is taken out again.
      writing.done.catch(() => undefined)
      writing.abort()
      throw error
    }
    await writing.done
    tellWindows()
  })
}

/** Keeps what the server last said of a job, for opening its desk without the server. @throws DeviceStorageError */
export function keepJob(desk: Desk): Promise<void> {
  return timely(async () => {
    await (await open()).put('jobs', { slug: desk.slug, desk })
  })
}

/** Takes away what the first desks kept, once it is written down here. */
export function forgetFirst(jobId: string): void {
  localStorage.removeItem(firstKey(jobId))
}

/** The desks this device knows, how many pulls wait at each, and how many entries the server refused. @throws DeviceStorageError */
export function knownDesks(): Promise<{ slug: string; title: string; waiting: number; refused: number }[]> {
  return timely(async () => {
    const store = await open()
    const [desks, entries] = await Promise.all([store.getAll('desks'), store.getAll('entries')])
    return desks.map(({ slug, title }) => {
      const queue = entries.filter((one) => one.slug === slug).map(({ waiting }) => waiting)
      return {
        slug,
        title,
        waiting: pullsWaiting(queue),
        refused: queue.filter(({ refused }) => refused !== null).length,
      }
    })
  })
}

/** Tries whether this device keeps an hour's pulls: writes as much, reads it back and takes it away. @returns why it does not; null: it does */
export async function tryDevice(): Promise<string | null> {
  try {
    await timely(async () => {
      // A refusal leaves it to the browser when to clear; nothing is lost by asking.
      await navigator.storage?.persist?.().catch(() => false)
      const store = await open()
      const bytes = crypto.getRandomValues(new Uint8Array(65_536))
      const trial = new Uint8Array(TRIED_BYTES)
      for (let at = 0; at < TRIED_BYTES; at += bytes.length) trial.set(bytes, at)
      const writing = store.transaction('trials', 'readwrite', { durability: 'strict' })
      await Promise.all([writing.store.put({ id: 'trial', bytes: trial }), writing.done])
      const back = await store.get('trials', 'trial')
      await store.delete('trials', 'trial')
      if (back?.bytes.length !== TRIED_BYTES) throw new Error('what is written does not come back')
    })
    return null
  } catch (error) {
    return error instanceof DeviceStorageError ? error.message : inWords(error)
  }
}
