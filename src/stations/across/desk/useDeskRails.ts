'use client'

import { useCallback, useEffect, useRef, type RefObject } from 'react'
import { answeredRails, onClock, wordsOf, type RailWord } from '@/core/edition/deskRails'
import { waitingOf, type DeskMemory } from './deskMemory'
import { isOut, RefusedError, sendRails, type Connection } from './deskTalk'

/** How often the server is asked what the other device did, ms. */
const SHARE_MS = 2000

const sameRails = (a: DeskMemory['rails'], b: DeskMemory['rails']) =>
  a.plate === b.plate && a.sheet === b.sheet

/** Moments of this device as the server's clock has them. @param aheadMs how much this device's clock is ahead */
const atServer = (words: readonly RailWord[], aheadMs: number): RailWord[] =>
  words.map((word) => ({ ...word, begun: word.begun.map((at) => Math.max(0, at - aheadMs)) }))

/**
 * How far this device's clock is ahead of the server's: its moment lies about half-way between asking and hearing, and the surer the
 * sooner it was heard.
 *
 * @param known as it was found before @param isQuiet nothing was said of which the answer is awaited in these moments
 */
function compared(
  known: { aheadMs: number; tookMs: number } | null,
  { from, to, moment }: { from: number; to: number; moment: number },
  isQuiet: boolean,
): { aheadMs: number; tookMs: number } {
  const now = { aheadMs: (from + to) / 2 - moment, tookMs: to - from }
  return !known || (isQuiet && now.tookMs < known.tookMs) ? now : known
}

interface SharedRails {
  slug: string
  latest: RefObject<DeskMemory>
  put: (memory: DeskMemory) => void
  tell: (connection: Connection) => void
  /** the job has moved on at the server since the desk was read */
  onStamp: (stamp: string) => void
}

/** Shares the rails with the desk's other device, in the order in which the server hears. Answers how to say a change at once. */
export function useDeskRails(shared: SharedRails): () => Promise<void> {
  const now = useRef(shared)
  useEffect(() => {
    now.current = shared
  })
  const sharing = useRef(false)
  const clocks = useRef<{ aheadMs: number; tookMs: number } | null>(null)
  const share = useCallback(async () => {
    if (sharing.current) return
    sharing.current = true
    const { slug, latest, put, tell, onStamp } = now.current
    try {
      let words: RailWord[]
      do {
        // Nothing is said before it is known how far the two clocks are apart.
        words = clocks.current === null ? [] : wordsOf(latest.current.rails)
        const from = Date.now()
        const { rails, moment, stamp } = await sendRails(
          slug,
          atServer(words, clocks.current?.aheadMs ?? 0),
          waitingOf(latest.current.queue),
        )
        clocks.current = compared(clocks.current, { from, to: Date.now(), moment }, words.length === 0)
        tell('there')
        const next = answeredRails(latest.current.rails, onClock(rails, clocks.current.aheadMs))
        if (!sameRails(next, latest.current.rails)) put({ ...latest.current, rails: next })
        onStamp(stamp)
      } while (wordsOf(latest.current.rails).length > 0)
    } catch (error) {
      // A clock may be set right while the server is away: it is compared anew.
      clocks.current = null
      if (!(error instanceof RefusedError)) tell('away')
      else if (isOut(error)) tell('out')
    }
    sharing.current = false
  }, [])
  useEffect(() => {
    const soon = setTimeout(() => void share())
    const poll = setInterval(() => void share(), SHARE_MS)
    return () => {
      clearTimeout(soon)
      clearInterval(poll)
    }
  }, [share])
  return share
}
