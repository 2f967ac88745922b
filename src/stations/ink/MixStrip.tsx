'use client'

import type { RunMix } from '@/core/ink/mix'
import { Choice } from '@/ui/Choice'

/** The inks of one plate, each with the number of its dab and rag, to step from one to the next; nothing where there is one. */
export function MixStrip({
  mixes,
  open,
  onPick,
}: {
  mixes: readonly RunMix[]
  /** id of the one that is shown */
  open: string
  onPick: (id: string) => void
}) {
  if (mixes.length < 2) return null
  return (
    <div className="mb-4">
      <Choice
        label="Ink of this plate"
        value={open}
        options={mixes.map(({ id, rag, name }) => [id, `${rag} ${name}`] as const)}
        onPick={onPick}
      />
    </div>
  )
}
