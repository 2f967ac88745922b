'use client'

import { formatNumber } from '@/core/units/length'
import { describeWipeStep, type WipeStep } from '@/core/wipe/wipingOrder'
import { clock, SequencePacer } from '../bench/SequencePacer'
import { useBench } from '../bench/BenchContext'
import { keepWipe } from './keptWipe'

/** Runs through the wiping order with inked hands; keeps what each step took for the next pull. */
export function Pacer({ steps, onClose }: { steps: WipeStep[]; onClose: () => void }) {
  const { job } = useBench()
  return (
    <SequencePacer
      title="Wipe by the pacer" after="the press" back="Back to the order" onClose={onClose}
      steps={steps.map((step) => ({ label: describeWipeStep(step), seconds: step.seconds, detail: step.strokes > 0 ? `${step.strokes} strokes` : undefined }))}
      onEnded={(taken) => keepWipe(job.id, steps.map((step, i) => ({ step: describeWipeStep(step), plannedSeconds: step.seconds, takenSeconds: Number(taken[i].toFixed(1)) })))}
      ended={(total, drift) => (
        <>
          <p className="far-number text-5xl">Wiped in {clock(total)}</p>
          <p className="mt-3 text-xl">{Math.abs(drift) < 1 ? 'As planned.' : `${formatNumber(Math.abs(drift), 0)} s ${drift > 0 ? 'longer' : 'shorter'} than planned.`} Kept for the next pull of this job.</p>
        </>
      )}
    />
  )
}
