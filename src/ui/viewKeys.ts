'use client'

import { useEffect, useId, useSyncExternalStore } from 'react'

/** Keys as they are printed, and what they do. */
export type KeyNames = readonly (readonly [keys: string, what: string])[]

const NONE: KeyNames = []
const acting = new Map<string, KeyNames>()
const listeners = new Set<() => void>()
let all: KeyNames = NONE

function tell(): void {
  // The view’s own come first; of a key named twice the word that came later holds.
  const named = new Map<string, string>()
  for (const names of [...acting.values()].reverse())
    for (const [keys, what] of names) if (!named.has(keys)) named.set(keys, what)
  all = [...named]
  for (const listener of listeners) listener()
}

const listen = (listener: () => void) => {
  listeners.add(listener)
  return () => void listeners.delete(listener)
}

/** Says which keys act as long as this stands on the screen. @param names made once, outside the component */
export function useNamedKeys(names: KeyNames): void {
  const id = useId()
  useEffect(() => {
    acting.set(id, names)
    tell()
    return () => {
      acting.delete(id)
      tell()
    }
  }, [id, names])
}

/** The keys that act on the screen now. */
export const useViewKeys = (): KeyNames =>
  useSyncExternalStore(
    listen,
    () => all,
    () => NONE,
  )
