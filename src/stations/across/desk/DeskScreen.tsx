'use client'

import dynamic from 'next/dynamic'
import type { Desk } from './readDesk'

const DeskAtWork = dynamic(() => import('./DeskAtWork'), {
  ssr: false,
  loading: () => <p className="p-6 text-muted">Setting up the desk…</p>,
})

/** The pull desk: what it remembers is known on its device only, so it is made there. */
export const DeskScreen = ({ desk }: { desk: Desk }) => <DeskAtWork desk={desk} />
