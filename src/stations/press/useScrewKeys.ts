'use client'

import { useKey } from '@/ui/useKey'
import type { KeyNames } from '@/ui/viewKeys'

const SCREW_KEYS: KeyNames = [
  ['7 and 1', 'The left screw a quarter turn tighter, looser'],
  ['9 and 3', 'The right screw a quarter turn tighter, looser'],
  ['8 and 2', 'Both screws a quarter turn tighter, looser'],
]

export type Screw = 'readingLeft' | 'readingRight'

/** A quarter turn: what one key press moves a screw. */
const STEP = 0.25
const KEYS: Record<string, [Screw[], number]> = {
  7: [['readingLeft'], -STEP],
  1: [['readingLeft'], STEP],
  9: [['readingRight'], -STEP],
  3: [['readingRight'], STEP],
  8: [['readingLeft', 'readingRight'], -STEP],
  2: [['readingLeft', 'readingRight'], STEP],
}

/** Turns the screws by the keypad: 7 and 1 left, 9 and 3 right, 8 and 2 both; the upper row tightens. */
export function useScrewKeys(turn: (screws: Screw[], by: number) => void): void {
  useKey(SCREW_KEYS, ({ code }) => {
    const act = KEYS[code.replace(/^(Numpad|Digit)/, '')]
    if (!act) return false
    turn(...act)
    return true
  })
}
