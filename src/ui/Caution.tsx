'use client'

import { useState, useSyncExternalStore } from 'react'
import { TriangleAlert } from 'lucide-react'

const today = () => new Date().toDateString()
const listeners = new Set<() => void>()
const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => void listeners.delete(listener)
}
const read = (key: string) => {
  try {
    return localStorage.getItem(key)
  } catch {
    return null
  }
}

/**
 * A short caution where the hazard is. Seen by one person it stays away from that person until tomorrow, and stands for everybody else;
 * where nobody is named it comes back with the next page.
 *
 * @param who works at this device; '': nobody said
 */
export function Caution({
  name,
  who,
  children,
  pointer,
}: {
  name: string
  who: string
  children: string
  pointer: string
}) {
  const person = who.trim()
  const key = `typothesis-caution-${name}-${person}`
  const [isGone, setGone] = useState(false)
  const seen = useSyncExternalStore(
    subscribe,
    () => person !== '' && read(key) === today(),
    () => true,
  )
  if (seen || isGone) return null
  const dismiss = () => {
    // In a class nobody is named at the device, and the next one has not seen it.
    if (person === '') return setGone(true)
    try {
      localStorage.setItem(key, today())
    } catch {
      // Without storage the caution comes back with the next page: better than not at all.
    }
    for (const listener of listeners) listener()
  }
  return (
    <aside
      aria-label="Caution"
      className="my-3 flex flex-wrap items-center gap-x-3 gap-y-1 border-l-4 border-text bg-raised py-1 pl-3 text-sm"
    >
      <TriangleAlert size={18} aria-hidden className="shrink-0" />
      <p className="min-w-0 flex-1 basis-64">
        {children} <span className="text-muted">{pointer}</span>
      </p>
      <button type="button" onClick={dismiss} className="min-h-11 px-3 underline underline-offset-4">
        {person === '' ? 'Seen' : 'Seen today'}
      </button>
    </aside>
  )
}
