'use client'

import { useState } from 'react'
import { zoneMapSchema, type Zone, type ZoneMap } from '@/core/plate/zoneMap'

/** Most steps that can be taken back. */
const MOST_STEPS = 100

interface History {
  map: ZoneMap
  past: ZoneMap[]
  future: ZoneMap[]
}

export interface ZoneMapHandle {
  map: ZoneMap
  /** differs from what is kept */
  isChanged: boolean
  set: (map: ZoneMap) => void
  patch: (id: string, patch: Partial<Zone>) => void
  undo: () => void
  redo: () => void
  canUndo: boolean
  canRedo: boolean
}

function readDraft(key: string, after: number): ZoneMap | null {
  try {
    const draft = JSON.parse(localStorage.getItem(key) ?? 'null') as { after?: number; map?: unknown } | null
    const parsed = zoneMapSchema.safeParse(draft?.map)
    return draft?.after === after && parsed.success ? parsed.data : null
  } catch {
    return null
  }
}

/** A zone map while it is drawn: every step can be taken back, and a draft survives a reload on this device until it is kept. */
export function useZoneMap(jobId: string, version: number, kept: ZoneMap): ZoneMapHandle {
  const key = `typothesis-zones-${jobId}`
  const [{ map, past, future }, setHistory] = useState<History>(() => ({
    map: readDraft(key, version) ?? kept,
    past: [],
    future: [],
  }))
  const show = (history: History) => {
    setHistory(history)
    try {
      localStorage.setItem(key, JSON.stringify({ after: version, map: history.map }))
    } catch {
      // Without storage the draft lasts as long as the page.
    }
  }
  const set = (next: ZoneMap) => show({ map: next, past: [...past.slice(-MOST_STEPS), map], future: [] })
  return {
    map,
    set,
    isChanged: JSON.stringify(map) !== JSON.stringify(kept),
    patch: (id, patch) =>
      set({ ...map, zones: map.zones.map((zone) => (zone.id === id ? { ...zone, ...patch } : zone)) }),
    undo: () =>
      past.length > 0 && show({ map: past.at(-1)!, past: past.slice(0, -1), future: [map, ...future] }),
    redo: () => future.length > 0 && show({ map: future[0], past: [...past, map], future: future.slice(1) }),
    canUndo: past.length > 0,
    canRedo: future.length > 0,
  }
}
