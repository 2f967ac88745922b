'use client'

import { useCallback, useEffect, useRef, type RefObject } from 'react'
import type { DeskMemory, Waiting } from './deskMemory'
import { isOut, nextToSend, RefusedError, sendEntries, withOutcomes, type Connection } from './deskTalk'
import type { Desk } from './deskShape'

/** How often entries that wait are tried again, ms. */
const RETRY_MS = 4000

/** Answers that speak of what was sent: not understood, no such job, too large. */
const OF_ENTRIES: ReadonlySet<number> = new Set([400, 404, 413])

interface DeskQueue {
  slug: string
  latest: RefObject<DeskMemory>
  put: (memory: DeskMemory) => void
  /** what the server says: it is away, it took them, or it does not */
  tell: (connection: Connection, problem?: string | null) => void
  /** how the desk stands at the server */
  onDesk: (desk: Desk) => void
}

/** Sends one lot, and by itself each entry of a lot that was not understood, so that the one at fault is found and the others are heard. */
async function sendLot(
  { slug, latest, put, tell, onDesk }: DeskQueue,
  lot: readonly Waiting[],
): Promise<void> {
  try {
    const { outcomes, desk } = await sendEntries(slug, lot)
    tell('there', null)
    put(withOutcomes(latest.current, outcomes))
    onDesk(desk)
  } catch (error) {
    if (!(error instanceof RefusedError && OF_ENTRIES.has(error.status)) || lot.length === 0) throw error
    if (lot.length > 1) {
      for (const one of lot) await sendLot({ slug, latest, put, tell, onDesk }, [one])
      return
    }
    tell('there')
    const [{ entry }] = lot
    put(
      withOutcomes(latest.current, [
        { id: entry.id, outcome: 'refused', message: error.message, given: null },
      ]),
    )
  }
}

/**
 * Empties the queue by itself: at once, on coming back, and every few seconds while something waits.
 *
 * @param waiting how many entries wait that were not refused
 * @returns asks the server how the desk stands
 */
export function useDeskQueue(queue: DeskQueue, waiting: number): () => Promise<void> {
  const now = useRef(queue)
  useEffect(() => {
    now.current = queue
  })
  const sending = useRef(false)
  const sync = useCallback(async () => {
    if (sending.current) return
    sending.current = true
    const { latest, tell } = now.current
    try {
      do await sendLot(now.current, nextToSend(latest.current.queue))
      while (nextToSend(latest.current.queue).length > 0)
    } catch (error) {
      if (isOut(error)) tell('out', null)
      else if (error instanceof RefusedError)
        tell(
          'there',
          `The server does not answer this desk: ${error.message} What waits stays on this device.`,
        )
      else tell('away')
    }
    sending.current = false
  }, [])
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
  return sync
}
