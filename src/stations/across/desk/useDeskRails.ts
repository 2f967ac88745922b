'use client'

import { useCallback, useEffect, type RefObject } from 'react'
import { mergeRails, type DeskRails } from '@/core/edition/deskEntry'
import type { DeskMemory } from './deskMemory'

/** How often the other device is asked, ms. */
const SHARE_MS = 2000

/** Shares the rails with the desk's other device: what either touched last holds for both. Answers how to send a change at once. */
export function useDeskRails(
  slug: string,
  latest: RefObject<DeskMemory>,
  put: (memory: DeskMemory) => void,
  tell: (connection: 'there' | 'away') => void,
): (rails: DeskRails) => Promise<void> {
  const share = useCallback(
    async (rails: DeskRails) => {
      try {
        const reply = await fetch(`/desk/${slug}/rails`, { method: 'POST', body: JSON.stringify(rails) })
        if (!reply.ok) return
        const merged = mergeRails((await reply.json()) as DeskRails, latest.current.rails)
        tell('there')
        if (JSON.stringify(merged) !== JSON.stringify(latest.current.rails))
          put({ ...latest.current, rails: merged })
      } catch {
        tell('away')
      }
    },
    [slug, latest, put, tell],
  )
  useEffect(() => {
    const poll = setInterval(() => void share(latest.current.rails), SHARE_MS)
    return () => clearInterval(poll)
  }, [share, latest])
  return share
}
