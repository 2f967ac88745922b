'use client'

import { useRouter } from 'next/navigation'
import { useCallback, useEffect, useRef, type RefObject } from 'react'
import type { DeskOutcome } from '@/core/edition/deskEntry'
import type { DeskMemory } from './deskMemory'

/** How often entries that wait are tried again, ms. */
const RETRY_MS = 4000

/** The memory once the server has answered for entries of the queue: they leave it, and what was said of them is noted. */
export function withOutcomes(memory: DeskMemory, outcomes: readonly DeskOutcome[]): DeskMemory {
  const done = new Set(outcomes.map(({ id }) => id))
  const notes = outcomes.flatMap(({ message }) => (message ? [message] : []))
  const { last } = memory
  return {
    ...memory,
    queue: memory.queue.filter(({ id }) => !done.has(id)),
    notes: [...memory.notes, ...notes].slice(-20),
    last: last && done.has(last.draft.id) ? { ...last, draft: { ...last.draft, isSent: true } } : last,
  }
}

/**
 * Empties the queue by itself: at once, on coming back, and every few seconds while something waits.
 *
 * @param waiting how many entries wait @param tell what the server says: it is away, it took them, or it does not
 */
export function useDeskQueue(
  slug: string,
  latest: RefObject<DeskMemory>,
  waiting: number,
  put: (memory: DeskMemory) => void,
  tell: (connection: 'there' | 'away', problem?: string | null) => void,
): void {
  const router = useRouter()
  const sending = useRef(false)
  const sync = useCallback(async () => {
    const { queue } = latest.current
    if (queue.length === 0 || sending.current) return
    sending.current = true
    try {
      const reply = await fetch(`/desk/${slug}/sync`, {
        method: 'POST',
        body: JSON.stringify({ entries: queue }),
      })
      const said = (await reply.json()) as { outcomes?: DeskOutcome[]; message?: string }
      if (said.outcomes) {
        tell('there', null)
        put(withOutcomes(latest.current, said.outcomes))
        router.refresh()
      } else
        tell(
          'there',
          `The server does not take what waits here: ${said.message ?? reply.status}. Nothing is lost; it stays on this device.`,
        )
    } catch {
      tell('away')
    }
    sending.current = false
  }, [slug, latest, router, put, tell])
  useEffect(() => {
    if (waiting === 0) return
    const soon = setTimeout(() => void sync())
    const again = setInterval(() => void sync(), RETRY_MS)
    const back = () => void sync()
    window.addEventListener('online', back)
    return () => {
      clearTimeout(soon)
      clearInterval(again)
      window.removeEventListener('online', back)
    }
  }, [waiting, sync])
}
