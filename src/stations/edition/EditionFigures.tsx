'use client'

import { formatGrams } from '@/core/units/quantity'
import { editionProgress } from '@/core/edition/editionProgress'
import type { Pull } from '@/core/edition/pull'
import { printsWanted, sizeDeclared } from '@/core/prove/purpose'
import { formatNumber } from '@/core/units/length'
import { Figure } from '@/ui/Figure'
import { useJob } from '../across/bench/BenchContext'
import { Misfits } from '../across/bench/Misfits'
import { useNeed } from '../across/bench/useNeed'
import type { Through } from '@/core/record/through'

/** How far the edition is, and what the rest of it takes in sheets, ink and hours. */
export function EditionFigures({ prints, through }: { prints: Pull[]; through: Through }) {
  const job = useJob()
  const need = useNeed()
  const progress = editionProgress(printsWanted(job), prints)
  const size = sizeDeclared(job)
  return (
    <div className="flex flex-wrap gap-x-10 gap-y-3 border-b border-line pb-4">
      <Figure
        name="accepted"
        value={size === null ? progress.accepted : `${progress.accepted} of ${size}`}
        label={size === null ? 'kept' : 'accepted'}
      />
      <Figure name="rejected" value={progress.rejected} label="rejected" />
      <Figure name="set-aside" value={progress.setAside} label="set aside" />
      {through.waiting !== null && <Figure value={through.waiting} label="sheets wait for this run" />}
      {size !== null && need.sheets > 0 && (
        <Figure
          name="sheets-to-damp"
          value={need.sheets}
          label={
            through.runCount > 1
              ? `sheets to begin the first run with for the ${need.left} left (9 in 10 sure)`
              : `sheets to damp for the ${need.left} left (9 in 10 sure)`
          }
        />
      )}
      {size !== null && need.pulls > 0 && need.grams !== null && (
        <Figure
          name="ink-to-mix"
          value={formatGrams(Math.ceil(need.grams), 0)}
          label={`of ink used up by ${need.pulls} pulls`}
          note={need.isGramsSure ? undefined : 'not weighed twice yet'}
        />
      )}
      {size !== null && need.pulls > 0 && need.hours !== null && (
        <Figure
          name="hours"
          value={`${formatNumber(need.hours, 1)} h`}
          label={`at ${formatNumber(need.minutesPerPull!, 0)} min a pull`}
        />
      )}
      {through.runCount > 1 && (
        <Figure
          value={`${through.through} of ${printsWanted(job)}`}
          label={`through all ${through.runCount} runs`}
        />
      )}
      <div className="basis-full">
        <Misfits />
      </div>
    </div>
  )
}
