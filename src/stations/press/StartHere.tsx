'use client'

import { middleReading, type PressSetting } from '@/core/press/pressSetting'
import { readingWords, sameWithin } from '@/core/press/pressureScale'
import { startReason, type Start } from '@/core/press/startingPressure'
import { formatFine } from '@/core/units/quantity'
import { Button } from '@/ui/Button'

/** Where to begin before anything was approved, and make-ready for a plate that lies lower than where it printed well. */
export function StartHere({
  press,
  start,
  onSet,
  onMakeReady,
}: {
  press: PressSetting
  start: Start
  onSet: (reading: number) => void
  onMakeReady: (makeReadyMm: number) => void
}) {
  const { scale, makeReadyMm } = press
  const isThere = Math.abs(start.reading - middleReading(press)) < sameWithin(scale) / 2
  const isLaid = start.makeReadyMm === null || Math.abs(start.makeReadyMm - makeReadyMm) < 1e-9
  return (
    <div
      data-said
      className="mt-3 flex flex-wrap items-center gap-x-4 gap-y-2 border-l-4 border-text bg-raised p-3"
    >
      <p className="min-w-56 flex-1">
        <b>Start at {readingWords(scale, start.reading)}</b>
        {start.makeReadyMm === null ? '' : `, with ${formatFine(start.makeReadyMm, 2)} under the plate`}
        <span className="block text-sm text-muted">{startReason(start)}</span>
      </p>
      {!isLaid && (
        <Button onClick={() => onMakeReady(start.makeReadyMm!)}>
          Lay {formatFine(start.makeReadyMm!, 2)} of make-ready
        </Button>
      )}
      {!isThere && <Button onClick={() => onSet(start.reading)}>Set it so</Button>}
    </div>
  )
}
