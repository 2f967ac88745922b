'use client'

import { useSyncExternalStore } from 'react'

/** The mix each job stands at among its several, so that all rooms of the bench show the same one. */
const open = new Map<string, string>()
const listeners = new Set<() => void>()

const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => void listeners.delete(listener)
}

/** The mix that is open; null: the first. */
export const useOpenMix = (jobId: string): string | null =>
  useSyncExternalStore(
    subscribe,
    () => open.get(jobId) ?? null,
    () => null,
  )

/** Opens another mix of a job. */
export function openMix(jobId: string, mixId: string): void {
  open.set(jobId, mixId)
  for (const listener of listeners) listener()
}
