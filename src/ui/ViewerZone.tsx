'use client'

import { useRouter } from 'next/navigation'
import { createContext, useContext, useEffect } from 'react'
import { deviceZone, ZONE_COOKIE } from './deviceZone'

const Zone = createContext('Etc/UTC')

/** The time zone moments are written in: that of whoever looks. The same on the server and on the screen. */
export const useZone = (): string => useContext(Zone)

const A_YEAR_S = 365 * 86_400

/** Tells everything within it the viewer's zone; where the server supposed another, it is told once, and writes the page again. */
export function ViewerZone({ zone, children }: { zone: string; children: React.ReactNode }) {
  const router = useRouter()
  useEffect(() => {
    const own = deviceZone()
    if (own === zone) return
    document.cookie = `${ZONE_COOKIE}=${encodeURIComponent(own)}; path=/; max-age=${A_YEAR_S}; SameSite=Lax`
    router.refresh()
  }, [zone, router])
  return <Zone.Provider value={zone}>{children}</Zone.Provider>
}
