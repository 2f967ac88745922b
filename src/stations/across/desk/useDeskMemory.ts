'use client'

import { useCallback, useEffect, useRef, useState, type RefObject } from 'react'
import type { DeskMemory } from './deskMemory'
import { DeviceStorageError, keepMemory } from './deskStore'
import type { Desk } from './deskShape'

/** How often writing is tried again while it fails, ms. */
const AGAIN_MS = 3000

export interface HeldMemory {
  memory: DeskMemory
  latest: RefObject<DeskMemory>
  put: (memory: DeskMemory) => void
  /** all of it is on the disk of this device */
  isKept: boolean
  /** why it cannot be kept; null: it can, as far as was tried */
  alarm: string | null
}

/**
 * A desk's memory in two places: here for the screen, at once, and on the disk of this device, one state after the other.
 *
 * @param first what was read from the device
 */
export function useDeskMemory(desk: Pick<Desk, 'slug' | 'title'>, first: DeskMemory): HeldMemory {
  const { slug, title } = desk
  const [memory, show] = useState(first)
  const [kept, setKept] = useState<DeskMemory | null>(null)
  const [alarm, setAlarm] = useState<string | null>(null)
  const latest = useRef(first)
  const written = useRef<DeskMemory | null>(null)
  const writing = useRef(false)
  const write = useCallback(async () => {
    if (writing.current) return
    writing.current = true
    try {
      while (written.current !== latest.current) {
        const next = latest.current
        await keepMemory({ slug, title }, written.current ?? first, next)
        written.current = next
        setKept(next)
        setAlarm(null)
      }
    } catch (error) {
      setAlarm(error instanceof DeviceStorageError ? error.message : 'its storage does not answer')
    }
    writing.current = false
  }, [slug, title, first])
  const put = useCallback(
    (next: DeskMemory) => {
      latest.current = next
      show(next)
      void write()
    },
    [write],
  )
  useEffect(() => {
    const soon = setTimeout(() => void write())
    const again = setInterval(() => void write(), AGAIN_MS)
    return () => {
      clearTimeout(soon)
      clearInterval(again)
    }
  }, [write])
  return { memory, latest, put, isKept: kept === memory, alarm }
}
