'use client'

import { useMemo } from 'react'
import { carryOver } from '@/core/press/carryOver'
import { formatTurns } from '@/core/press/pressSetting'
import { formatNumber } from '@/core/units/length'
import { Button } from '@/ui/Button'
import { useBench } from '../bench/BenchContext'

/** Screws are read to an eighth of a turn. */
const EIGHTHS = 8

/** Where something under the roller is not as it was at the BAT: the turns that give the same squeeze. */
export function CarryOver({ onSet }: { onSet: (turns: number) => void }) {
  const { bench, job } = useBench()
  const carried = useMemo(() => (job.bat ? carryOver(job.bat.settings, bench) : null), [job.bat, bench])
  if (!carried) return null
  if (!carried.ok) return <p role="status" className="mt-3 border-l-4 border-text bg-raised p-3"><b>◆ {carried.changed.join(', ')}:</b> the BAT’s squeeze {carried.message}.</p>
  const turns = Math.round(carried.turns * EIGHTHS) / EIGHTHS
  const isThere = Math.abs(carried.byTurns) < 0.5 / EIGHTHS
  return (
    <div role="status" className="mt-3 flex flex-wrap items-center gap-x-4 gap-y-2 border-l-4 border-text bg-raised p-3">
      <p className="min-w-56 flex-1">
        <b>{carried.changed.join(', ')}:</b> the BAT’s squeeze is at <b>{formatTurns(turns)}</b>, gap {formatNumber(carried.gapMm, 2)} mm
        {isThere ? ': as it stands.' : `, ${formatTurns(Math.abs(carried.byTurns))} ${carried.byTurns < 0 ? 'tighter' : 'looser'} than it stands.`} <span className="text-sm text-muted">A model: pull a proof and say what you see.</span>
      </p>
      {!isThere && <Button onClick={() => onSet(turns)}>Set both screws so</Button>}
    </div>
  )
}
