'use client'

import { Undo2 } from 'lucide-react'
import type { FieldProblem } from '@/data/database/errors'
import { useConflict } from './BenchContext'
import type { KeepState } from './useStation'

const WORDS: Record<KeepState, string> = {
  kept: 'Saved',
  waiting: 'Changed',
  keeping: 'Saving…',
  'not-kept': '◆ Not saved yet',
}

/** Says whether what is on the screen is on the disk, and takes the last change back. */
export function KeepLine({
  state,
  problems,
  undo,
  canUndo,
}: {
  state: KeepState
  problems: readonly FieldProblem[]
  undo: () => void
  canUndo: boolean
}) {
  const conflict = useConflict()
  const general = problems.find(({ field }) => field === '')
  const isUnset = state === 'not-kept' && problems.length === 0
  const standing = isUnset ? 'Not set yet' : WORDS[state]
  return (
    <div className="flex items-center gap-3 text-sm">
      <span data-said>{conflict ? '◆ Not saved' : standing}</span>
      {general && !conflict && <span className="text-signal">{general.message}</span>}
      <button
        type="button"
        onClick={undo}
        disabled={!canUndo}
        className="inline-flex min-h-11 items-center gap-1.5 underline underline-offset-4 disabled:text-muted disabled:no-underline"
      >
        <Undo2 size={16} aria-hidden /> Undo
      </button>
    </div>
  )
}
