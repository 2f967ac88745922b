'use client'

import { useCallback, useEffect, useState } from 'react'

/**
 * The moment, ms since 1970, told again and again.
 *
 * @param everyMs how often; null: the clock stands
 * @returns the moment last told, and a way to tell it at once, which answers it
 */
export function useNow(everyMs: number | null): [now: number, tell: () => number] {
  const [now, setNow] = useState(() => Date.now())
  const tell = useCallback(() => {
    const moment = Date.now()
    setNow(moment)
    return moment
  }, [])
  useEffect(() => {
    if (everyMs === null) return
    const tick = setInterval(tell, everyMs)
    return () => clearInterval(tick)
  }, [everyMs, tell])
  return [now, tell]
}
