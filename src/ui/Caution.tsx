'use client'

import { useSyncExternalStore } from 'react'
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

/** A short caution where the hazard is; dismissed, it stays away until tomorrow. */
export function Caution({ name, children, pointer }: { name: string; children: string; pointer: string }) {
  const key = `typothesis-caution-${name}`
  const dismissed = useSyncExternalStore(
    subscribe,
    () => read(key) === today(),
    () => true,
  )
  if (dismissed) return null
  const dismiss = () => {
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
        Seen today
      </button>
    </aside>
  )
}
