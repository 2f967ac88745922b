'use client'

import type { CarriedOver } from '@/core/press/carryOver'
import { middleReading, type PressSetting } from '@/core/press/pressSetting'
import { changeOnScale, readingWords, sameWithin, settable, tightened } from '@/core/press/pressureScale'
import { learnPressure, type TriedPressure } from '@/core/press/pressureTrials'
import { counted } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'
import { formatFine } from '@/core/units/quantity'
import { Button } from '@/ui/Button'

interface CarryOverProps {
  press: PressSetting | null
  onSet: (reading: number) => void
  onMakeReady: (makeReadyMm: number) => void
  /** null: nothing is otherwise than at the BAT */
  carried: CarriedOver | null
  /** what was tried on the press of the bench */
  trials: readonly TriedPressure[]
}

/** Where something under the roller is not as it was at the BAT: the reading that gives the same squeeze, and how sure that is. */
export function CarryOver({ press, onSet, onMakeReady, carried, trials }: CarryOverProps) {
  if (!carried || !press) return null
  if (!carried.ok) {
    return (
      <div
        data-said
        className="mt-3 flex flex-wrap items-center gap-x-4 gap-y-2 border-l-4 border-text bg-raised p-3"
      >
        <p className="min-w-56 flex-1">
          <b>◆ {carried.changed.join(', ')}:</b> the BAT’s squeeze {carried.message}.
        </p>
        {carried.makeReadyMm !== null && (
          <Button onClick={() => onMakeReady(carried.makeReadyMm!)}>
            Lay {formatFine(carried.makeReadyMm, 2)} of make-ready
          </Button>
        )}
      </div>
    )
  }
  const { scale } = press
  const learned = learnPressure(trials, scale)
  const to = settable(scale, tightened(scale, carried.reading, learned.trials > 0 ? learned.tighterBy : 0))
  const stands = middleReading(press)
  const isThere = Math.abs(to - stands) < sameWithin(scale) / 2
  // Before any trial the press itself is the doubt: what is believed of it from memory belongs in as well.
  const sure = Math.hypot(carried.sd, learned.sd) * scale.step
  return (
    <div data-said className="mt-3 border-l-4 border-text bg-raised p-3">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <p className="min-w-56 flex-1">
          <b>{carried.changed.join(', ')}:</b> the BAT’s squeeze is at <b>{readingWords(scale, to)}</b> ±{' '}
          {formatNumber(sure, 2)}, gap {formatFine(carried.gapMm, 2)}
          {isThere ? ': as it stands.' : `, ${changeOnScale(scale, stands, to)} than it stands.`}
          <span className="block text-sm text-muted">
            An estimate; least sure is {carried.mostFrom}.
            {learned.trials > 0
              ? ` This press’s ${counted(learned.trials, 'trial has', 'trials have')} moved it by ${changeOnScale(scale, 0, (scale.heavier === 'up' ? 1 : -1) * learned.tighterBy * scale.step)}.`
              : ' Nothing was tried on this press yet, and most of the doubt is that.'}
          </span>
        </p>
        {!isThere && (
          <Button onClick={() => onSet(to)}>{scale.sides === 2 ? 'Set both screws so' : 'Set it so'}</Button>
        )}
      </div>
    </div>
  )
}
