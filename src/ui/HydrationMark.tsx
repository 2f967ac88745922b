'use client'

import { usePathname } from 'next/navigation'
import { useEffect } from 'react'

/** Marks the page once it answers: what is typed before React has taken the fields over is nobody's. From then on what changes is read aloud. */
export function HydrationMark() {
  const address = usePathname()
  useEffect(() => {
    document.documentElement.dataset.answers = 'yes'
    void import('./liveRegion').then(({ readAloud }) => readAloud())
  }, [address])
  return null
}
