'use client'

import { useCallback, useEffect, useState } from 'react'

/** A window just closed lets go within this time, ms. */
const PATIENCE_MS = 1500

/** Whether this window works at the desk, alone of all on this device: not known yet, yes, or another one does. */
export type Alone = 'asking' | 'alone' | 'another'

/** Two windows of one device would write over one another's memory, so one only works at a desk; the other may take it over. */
export function useOnlyWindow(slug: string): { alone: Alone; takeOver: () => void } {
  const [asked, setAsked] = useState({ slug, steals: false })
  const [alone, setAlone] = useState<Alone>('locks' in navigator ? 'asking' : 'alone')
  const steals = asked.slug === slug && asked.steals
  useEffect(() => {
    if (!('locks' in navigator)) return
    const giveUp = new AbortController()
    let letGo: () => void = () => undefined
    let isGone = false
    const late = steals ? undefined : setTimeout(() => giveUp.abort(), PATIENCE_MS)
    navigator.locks
      .request(`typothesis-desk-${slug}`, steals ? { steal: true } : { signal: giveUp.signal }, () => {
        clearTimeout(late)
        if (isGone) return
        setAlone('alone')
        return new Promise<void>((resolve) => {
          letGo = resolve
        })
      })
      .catch(() => {
        if (!isGone) setAlone('another')
      })
    return () => {
      isGone = true
      clearTimeout(late)
      letGo()
      giveUp.abort()
    }
  }, [slug, steals])
  const takeOver = useCallback(() => {
    setAlone('asking')
    setAsked({ slug, steals: true })
  }, [slug])
  return { alone, takeOver }
}
