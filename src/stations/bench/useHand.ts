'use client'

import { useSyncExternalStore } from 'react'

const KEY = 'typothesis-hand'
const listeners = new Set<() => void>()

function read(): string {
  try {
    return localStorage.getItem(KEY) ?? ''
  } catch {
    return ''
  }
}

/** Who works at this device: remembered here, and written beside everything that is recorded. */
export function useHand(): [name: string, setName: (name: string) => void] {
  const name = useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => void listeners.delete(listener)
    },
    read,
    () => '',
  )
  const setName = (next: string) => {
    try {
      localStorage.setItem(KEY, next)
    } catch {
      // Without storage the name has to be given again on the next page.
    }
    for (const listener of listeners) listener()
  }
  return [name, setName]
}

/** The zone of this device's clock, as moments are stamped with it. */
export function deviceZone(): string {
  return Intl.DateTimeFormat().resolvedOptions().timeZone || 'Etc/UTC'
}
