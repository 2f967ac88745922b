'use client'

import type { PressureScale } from '@/core/press/pressureScale'
import { useKey } from '@/ui/useKey'
import type { KeyNames } from '@/ui/viewKeys'

const SCREW_KEYS: KeyNames = [
  ['7 and 1', 'The left side a step tighter, looser'],
  ['9 and 3', 'The right side a step tighter, looser'],
  ['8 and 2', 'Both sides a step tighter, looser'],
]

/** A side of the press, by the name its reading has in the setting. */
export type Side = 'readingLeft' | 'readingRight'

const BOTH: Side[] = ['readingLeft', 'readingRight']
/** Which side a key moves, and whether it tightens. */
const KEYS: Record<string, [Side[], 1 | -1]> = {
  7: [['readingLeft'], 1],
  1: [['readingLeft'], -1],
  9: [['readingRight'], 1],
  3: [['readingRight'], -1],
  8: [BOTH, 1],
  2: [BOTH, -1],
}

/** Moves the press a step by the keypad: 7 and 1 left, 9 and 3 right, 8 and 2 both; the upper row tightens. @param scale null: no press is on the bench */
export function useScrewKeys(scale: PressureScale | null, turn: (sides: Side[], by: number) => void): void {
  useKey(SCREW_KEYS, ({ code }) => {
    const act = KEYS[code.replace(/^(Numpad|Digit)/, '')]
    if (!act || scale === null) return false
    const [sides, tighter] = act
    turn(scale.sides === 1 ? BOTH : sides, tighter * (scale.heavier === 'up' ? scale.step : -scale.step))
    return true
  })
}
