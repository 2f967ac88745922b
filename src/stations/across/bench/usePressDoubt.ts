'use client'

import { isPressedByHand, pressDoubt } from '@/core/press/pressSetting'
import { useBench } from './BenchContext'
import { useKnownPress } from './usePressKind'

/** Why the bench would not print as it stands; null where it would, and where it is not set yet. */
export function usePressDoubt(): string | null {
  const { press, plate, paper } = useBench()
  const card = useKnownPress(press?.pressId)
  return press && plate && paper ? pressDoubt({ press, plate, paper }, isPressedByHand(press, card)) : null
}
