'use client'

import { useCallback, useSyncExternalStore } from 'react'

const listeners = new Set<() => void>()

/** A short text this device remembers under a key; empty where nothing is kept or there is no storage. */
export function useKeptText(key: string): [text: string, keep: (text: string) => void] {
  const text = useSyncExternalStore(
    useCallback((listener: () => void) => {
      listeners.add(listener)
      return () => void listeners.delete(listener)
    }, []),
    () => {
      try {
        return localStorage.getItem(key) ?? ''
      } catch {
        return ''
      }
    },
    () => '',
  )
  const keep = useCallback(
    (next: string) => {
      try {
        localStorage.setItem(key, next)
      } catch {
        // Without storage it has to be said again on the next page.
      }
      for (const listener of listeners) listener()
    },
    [key],
  )
  return [text, keep]
}
