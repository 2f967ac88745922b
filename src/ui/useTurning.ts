'use client'

import { useEffect } from 'react'

/** How much of a screen goes on at a turn: its last lines come again as the first, so that none is cut. */
const SHARE = 0.8
/** Turns left out after somebody moved the page by hand. */
const REST = 4

/**
 * Where a page that nobody scrolls stands next: a little less than a screen on, no further than its end, and from there back to its
 * beginning.
 *
 * @param at how far it is scrolled @param screen what is seen of it @param whole how long it is, all in px
 */
export const turnedTo = (at: number, screen: number, whole: number): number => {
  const last = Math.max(0, whole - screen)
  return at >= last - 1 ? 0 : Math.min(last, at + SHARE * screen)
}

/** Turns a page that is longer than its screen by itself; whoever touches it has it for a while. */
export function useTurning(everyMs: number): void {
  useEffect(() => {
    let rest = 0
    const touched = () => {
      rest = REST
    }
    const turn = () => {
      if (rest > 0) {
        rest -= 1
        return
      }
      scrollTo({ top: turnedTo(scrollY, innerHeight, document.documentElement.scrollHeight) })
    }
    const again = setInterval(turn, everyMs)
    const hands = ['wheel', 'pointerdown', 'keydown'] as const
    for (const hand of hands) addEventListener(hand, touched, { passive: true })
    return () => {
      clearInterval(again)
      for (const hand of hands) removeEventListener(hand, touched)
    }
  }, [everyMs])
}
