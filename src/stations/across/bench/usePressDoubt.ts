'use client'

import { pressDoubt } from '@/core/press/pressSetting'
import { useBench, useJob } from './BenchContext'

/** Why the bench would not print as it stands; null where it would, and where it is not set yet. */
export function usePressDoubt(): string | null {
  const { press, plate, paper } = useBench()
  const { pressKind } = useJob()
  return press && plate && paper ? pressDoubt({ press, plate, paper }, pressKind === 'hand') : null
}
