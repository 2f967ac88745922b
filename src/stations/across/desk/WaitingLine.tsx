'use client'

import dynamic from 'next/dynamic'

/** How much waits at desks of this device; read once the page stands, as nothing of it is there before. */
export const WaitingLine = dynamic(() => import('./WaitingCount').then((module) => module.WaitingCount), {
  ssr: false,
})
