'use client'

import dynamic from 'next/dynamic'

const DeskDoor = dynamic(() => import('./DeskDoor'), {
  ssr: false,
  loading: () => <p className="p-6 text-muted">Setting up the desk…</p>,
})

/** The pull desk before it knows its job: what it remembers is known on its device only, so it is made there. */
export const DeskShell = () => <DeskDoor />
