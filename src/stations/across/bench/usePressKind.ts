'use client'

import type { PressKind } from '@/core/press/pressCard'
import { useBench, useJob } from './BenchContext'

/** How the press on the bench presses; null: none is on it, or it is not in the store. */
export function usePressKind(): PressKind | null {
  const { press } = useBench()
  const { pressKinds } = useJob()
  return (press && pressKinds[press.pressId]) ?? null
}
