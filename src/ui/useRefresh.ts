'use client'

import { useRouter } from 'next/navigation'
import { useEffect } from 'react'

/** Asks the server for the page anew, again and again. @param everyMs null: never */
export function useRefresh(everyMs: number | null): void {
  const router = useRouter()
  useEffect(() => {
    if (everyMs === null) return
    const again = setInterval(() => router.refresh(), everyMs)
    return () => clearInterval(again)
  }, [everyMs, router])
}
