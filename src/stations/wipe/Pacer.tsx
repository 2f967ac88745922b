'use client'

import { clock } from '@/core/units/clock'
import { formatNumber } from '@/core/units/length'
import type { PacedWipeStep } from '@/core/wipe/pacedSteps'
import { SequencePacer } from '../across/bench/SequencePacer'
import { useJob } from '../across/bench/BenchContext'
import { keepWipe } from './keptWipe'

/** Difference from the BAT's time of a step from which it is said, s. */
const NOTICED = 10

/** Runs through inking and wiping with inked hands; keeps what each step took for the next pull. */
export function Pacer({ steps, onClose }: { steps: PacedWipeStep[]; onClose: () => void }) {
  const job = useJob()
  const ended = (taken: number[], total: number, drift: number) => {
    const strayed = steps.flatMap(({ label, before }, i) =>
      before !== null && Math.abs(taken[i] - before) >= NOTICED
        ? [
            `${label} ${formatNumber(Math.abs(taken[i] - before), 0)} s ${taken[i] > before ? 'longer' : 'shorter'}`,
          ]
        : [],
    )
    return (
      <>
        <p className="far-number text-5xl">Wiped in {clock(total)}</p>
        <p className="mt-3 text-xl">
          {Math.abs(drift) < 1
            ? 'As planned.'
            : `${formatNumber(Math.abs(drift), 0)} s ${drift > 0 ? 'longer' : 'shorter'} than planned.`}{' '}
          Saved for the next pull of this job.
        </p>
        {strayed.length > 0 && (
          <p className="mt-2 text-xl text-signal">◆ Beside the BAT: {strayed.join(', ')}.</p>
        )}
      </>
    )
  }
  return (
    <SequencePacer
      title="Start the wiping timer"
      after="the press"
      back="Back to the order"
      onClose={onClose}
      steps={steps.map(({ hazard, ...step }) => ({ ...step, caution: hazard }))}
      beforeName="BAT"
      keepAs={`typothesis-wiping-${job.id}`}
      onEnded={(taken) =>
        keepWipe(
          job.id,
          steps.map(({ label, seconds }, i) => ({
            step: label,
            plannedSeconds: seconds,
            takenSeconds: Number(taken[i].toFixed(1)),
          })),
        )
      }
      ended={ended}
    />
  )
}
