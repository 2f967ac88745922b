'use client'

import { useEffect } from 'react'

/** Marks the page once it answers: what is typed before React has taken the fields over is nobody's. */
export function HydrationMark() {
  useEffect(() => {
    document.documentElement.dataset.answers = 'yes'
  }, [])
  return null
}
