'use client'

import { learnCycle } from '@/core/day/learnedCycle'
import { editionProgress } from '@/core/edition/editionProgress'
import { readPull, type Pull } from '@/core/edition/pull'
import { firstMix } from '@/core/ink/mix'
import { formatNumber } from '@/core/units/length'
import { Figure } from '@/ui/Figure'
import { useBench, useJob } from '../across/bench/BenchContext'
import type { Through } from '../across/runs/readThrough'

/** How far the edition is, and what the rest of it takes in sheets, ink and hours. */
export function EditionFigures({ edition, through }: { edition: Pull[]; through: Through }) {
  const bench = useBench()
  const job = useJob()
  const progress = editionProgress(job.editionSize, edition)
  // In a later run those that wait come first; the fresh ones will get here too.
  const sheetsAhead = through.fresh + (through.waiting ?? 0)
  const grams = firstMix(bench.ink)?.gramsPerPull ?? null
  const cycle = learnCycle(edition.map((one) => ({ ...one, wipeSeconds: readPull(one).wipeSeconds })))
  return (
    <div className="flex flex-wrap gap-x-10 gap-y-3 border-b border-line pb-4">
      <Figure value={`${progress.accepted} of ${progress.size}`} label="accepted" />
      <Figure value={progress.rejected} label="rejected" />
      <Figure value={progress.setAside} label="set aside" />
      {through.waiting !== null && <Figure value={through.waiting} label="sheets wait for this run" />}
      {through.fresh > 0 && (
        <Figure
          value={through.fresh}
          label={
            through.runCount > 1
              ? `sheets to begin the first run with for the ${through.left} left (9 in 10 sure)`
              : `sheets to damp for the ${through.left} left (9 in 10 sure)`
          }
        />
      )}
      {sheetsAhead > 0 && grams !== null && (
        <Figure
          value={`${formatNumber(sheetsAhead * grams, 0)} g`}
          label={`of the mix for ${sheetsAhead} pulls`}
        />
      )}
      {sheetsAhead > 0 && cycle && (
        <Figure
          value={`${formatNumber((sheetsAhead * cycle.cycleMinutes) / 60, 1)} h`}
          label={`at ${formatNumber(cycle.cycleMinutes, 0)} min a pull`}
        />
      )}
      {through.runCount > 1 && (
        <Figure
          value={`${through.through} of ${job.editionSize}`}
          label={`through all ${through.runCount} runs`}
        />
      )}
    </div>
  )
}
