'use client'

import { Button } from '@/ui/Button'
import { useConflict } from './BenchContext'

/** Told to the window that came later: nothing was overwritten, and how to go on. */
export function ConflictNotice() {
  const conflict = useConflict()
  if (!conflict) return null
  return (
    <div
      role="alert"
      className="flex flex-wrap items-center gap-4 border-b-4 border-signal bg-raised px-4 py-2"
    >
      <p className="min-w-0 flex-1 basis-80">◆ {conflict}</p>
      <Button onClick={() => window.location.reload()}>Reload this job</Button>
    </div>
  )
}
