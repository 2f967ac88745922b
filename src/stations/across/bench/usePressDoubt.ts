'use client'

import { isHandKind } from '@/core/press/pressKind'
import { pressDoubt } from '@/core/press/pressSetting'
import { useBench } from './BenchContext'
import { usePressKind } from './usePressKind'

/** Why the bench would not print as it stands; null where it would, and where it is not set yet. */
export function usePressDoubt(): string | null {
  const { press, plate, paper } = useBench()
  const kind = usePressKind()
  return press && plate && paper
    ? pressDoubt({ press, plate, paper }, kind !== null && isHandKind(kind))
    : null
}
