'use client'

import { pressDoubt } from '@/core/press/pressSetting'
import { useBench, useJob } from './BenchContext'

/** Why the bench would not print as it stands; null where it would, where it is not set yet, and where it is pressed by hand. */
export function usePressDoubt(): string | null {
  const { press, plate, paper } = useBench()
  const { pressKind } = useJob()
  return press && plate && paper && pressKind !== 'hand' ? pressDoubt(press, plate, paper) : null
}
