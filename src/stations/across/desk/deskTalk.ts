import { MOST_ENTRIES, type DeskOutcome } from '@/core/edition/deskEntry'
import type { DeskRails, DeskWaits, RailWord } from '@/core/edition/deskRails'
import { deviceZone } from '@/ui/deviceZone'
import type { DeskMemory, Waiting } from './deskMemory'
import type { Desk } from './deskShape'

/** A server that has not answered by then is away, ms. */
const PATIENCE_MS = 10_000

/** The server answered, and will not: in its words. */
export class RefusedError extends Error {
  constructor(
    message: string,
    readonly status: number,
  ) {
    super(message)
  }
}

/** How a desk stands to the server: it answers, it is away, or it does not know this device any more. */
export type Connection = 'there' | 'away' | 'out'

const NOT_PAIRED = 401

/** Whether the server does not know this device, or no longer. */
export const isOut = (error: unknown): boolean => error instanceof RefusedError && error.status === NOT_PAIRED

/** Says something to the server. @throws RefusedError; TypeError or DOMException when it is away */
async function say<Reply>(path: string, what: object): Promise<Reply> {
  const reply = await fetch(path, {
    method: 'POST',
    body: JSON.stringify(what),
    signal: AbortSignal.timeout(PATIENCE_MS),
  })
  const said = (await reply.json().catch(() => ({}))) as Reply & { message?: string }
  // What is broken behind the door is as good as away: nothing was said against what was sent.
  if (reply.status >= 500) throw new TypeError(`The server is in trouble: ${reply.status}.`)
  if (!reply.ok) throw new RefusedError(said.message ?? `It answers ${reply.status}.`, reply.status)
  return said
}

/** Sends entries and asks how the desk stands then. @throws as `say` */
export const sendEntries = (
  slug: string,
  entries: readonly Waiting[],
): Promise<{ outcomes: DeskOutcome[]; desk: Desk }> =>
  say(`/desk/${slug}/sync`, {
    version: 1,
    zone: deviceZone(),
    entries: entries.map(({ version, entry }) => ({ ...entry, version })),
  })

/** Says words on the rails, and what waits on this device, and asks how the rails stand. @returns with the server's moment, ms since 1970, and what the job stands at. @throws as `say` */
export const sendRails = (
  slug: string,
  words: readonly RailWord[],
  waiting?: DeskWaits,
): Promise<{ rails: DeskRails; moment: number; stamp: string }> =>
  say(`/desk/${slug}/rails`, { words, ...(waiting && { waiting }) })

/** The jobs a desk can be opened for. @throws TypeError or DOMException when the server is away, or does not say */
export async function jobsForDesks(): Promise<{ slug: string; title: string; artist: string }[]> {
  const reply = await fetch('/desks', { signal: AbortSignal.timeout(PATIENCE_MS) })
  if (!reply.ok) throw new TypeError(`It answers ${reply.status}.`)
  return (await reply.json()) as { slug: string; title: string; artist: string }[]
}

/** The next to be sent: as many as the server takes at a time, in their order. */
export const nextToSend = (queue: readonly Waiting[]): Waiting[] =>
  queue.filter(({ refused }) => refused === null).slice(0, MOST_ENTRIES)

/**
 * The memory once the server has answered for entries of the queue: what it took leaves, what it refused stays with the reason, and what
 * it said beside is noted. A pull in hand takes the number and sheet it was given.
 */
export function withOutcomes(memory: DeskMemory, outcomes: readonly DeskOutcome[]): DeskMemory {
  const said = new Map(outcomes.map((one) => [one.id, one]))
  const notes = outcomes.flatMap(({ outcome, message }) =>
    message && outcome !== 'refused' ? [message] : [],
  )
  const { draft, last } = memory
  const given = <D extends { id: string }>(of: D): D => ({ ...of, ...said.get(of.id)?.given })
  return {
    ...memory,
    draft: draft && given(draft),
    last: last && { ...last, draft: given(last.draft) },
    queue: memory.queue.flatMap((one) => {
      const answer = said.get(one.entry.id)
      if (!answer) return [one]
      return answer.outcome === 'refused' ? [{ ...one, refused: answer.message ?? 'It was refused.' }] : []
    }),
    notes: [...memory.notes, ...notes].slice(-20),
  }
}
