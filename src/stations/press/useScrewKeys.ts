'use client'

import { useKey } from '@/ui/useKey'

export type Screw = 'turnsLeft' | 'turnsRight'

/** A quarter turn: what one key press moves a screw. */
const STEP = 0.25
const KEYS: Record<string, [Screw[], number]> = {
  7: [['turnsLeft'], -STEP],
  1: [['turnsLeft'], STEP],
  9: [['turnsRight'], -STEP],
  3: [['turnsRight'], STEP],
  8: [['turnsLeft', 'turnsRight'], -STEP],
  2: [['turnsLeft', 'turnsRight'], STEP],
}

/** Turns the screws by the keypad: 7 and 1 left, 9 and 3 right, 8 and 2 both; the upper row tightens. */
export function useScrewKeys(turn: (screws: Screw[], by: number) => void): void {
  useKey(({ code }) => {
    const act = KEYS[code.replace(/^(Numpad|Digit)/, '')]
    if (!act) return false
    turn(...act)
    return true
  })
}
