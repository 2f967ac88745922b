'use client'

import { useSyncExternalStore } from 'react'

let foot: HTMLElement | null = null
const listeners = new Set<() => void>()

/** Where something may be laid over the foot of the open instrument; the panel says so as it comes and goes. */
export function setFootOfWork(element: HTMLElement | null): void {
  foot = element
  for (const listener of listeners) listener()
}

const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => void listeners.delete(listener)
}

/** That place; null: no instrument is open. */
export const useFootOfWork = (): HTMLElement | null =>
  useSyncExternalStore(
    subscribe,
    () => foot,
    () => null,
  )
