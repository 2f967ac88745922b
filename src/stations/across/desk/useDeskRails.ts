'use client'

import { useCallback, useEffect, useRef, type RefObject } from 'react'
import { answeredRails, onClock, wordsOf, type RailWord } from '@/core/edition/deskRails'
import type { DeskMemory } from './deskMemory'
import { RefusedError, sendRails } from './deskTalk'

/** How often the server is asked what the other device did, ms. */
const SHARE_MS = 2000

const sameRails = (a: DeskMemory['rails'], b: DeskMemory['rails']) =>
  a.plate === b.plate && a.sheet === b.sheet

/** Moments of this device as the server's clock has them. @param aheadMs how much this device's clock is ahead */
const atServer = (words: readonly RailWord[], aheadMs: number): RailWord[] =>
  words.map((word) => ({ ...word, begun: word.begun.map((at) => Math.max(0, at - aheadMs)) }))

interface SharedRails {
  slug: string
  latest: RefObject<DeskMemory>
  put: (memory: DeskMemory) => void
  tell: (connection: 'there' | 'away') => void
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
  const ahead = useRef<number | null>(null)
  const share = useCallback(async () => {
    if (sharing.current) return
    sharing.current = true
    const { slug, latest, put, tell, onStamp } = now.current
    try {
      let words: RailWord[]
      do {
        // Nothing is said before it is known how far the two clocks are apart.
        words = ahead.current === null ? [] : wordsOf(latest.current.rails)
        const from = Date.now()
        const { rails, moment, stamp } = await sendRails(slug, atServer(words, ahead.current ?? 0))
        // The server's moment lies about half-way between asking and hearing.
        ahead.current ??= (from + Date.now()) / 2 - moment
        tell('there')
        const next = answeredRails(latest.current.rails, onClock(rails, ahead.current))
        if (!sameRails(next, latest.current.rails)) put({ ...latest.current, rails: next })
        onStamp(stamp)
      } while (wordsOf(latest.current.rails).length > 0)
    } catch (error) {
      // A clock may be set right while the server is away: it is compared anew.
      ahead.current = null
      if (!(error instanceof RefusedError)) tell('away')
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
