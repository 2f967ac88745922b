'use client'

import type { PressKind } from '@/core/press/pressKind'
import type { KnownPress } from '@/core/prove/whatMoved'
import { useBench, useJob } from './BenchContext'

/** What is known of a press; null: it is not in the store. @param pressId undefined: none */
export function useKnownPress(pressId: string | undefined): KnownPress | null {
  const { knownPresses } = useJob()
  return (pressId !== undefined && knownPresses[pressId]) || null
}

/** How the press on the bench presses; null: none is on it, or it is not in the store. */
export function usePressKind(): PressKind | null {
  return useKnownPress(useBench().press?.pressId)?.kind ?? null
}
