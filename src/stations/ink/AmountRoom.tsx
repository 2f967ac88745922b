'use client'

import { useState } from 'react'
import {
  batchFor,
  inkFromPlate,
  inkFromPlateInput,
  needFromWeighings,
  potWeighingSchema,
  type PotWeighing,
} from '@/core/ink/inkNeed'
import { formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { Figure } from '@/ui/Figure'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { KeepLine } from '../across/bench/KeepLine'
import { problemAt } from '../across/bench/problemAt'
import { usePerson } from '../across/bench/usePerson'
import { Problems } from '../across/pull/Problems'
import { keepInkWeighingAction } from './actions'
import { InkRooms } from './InkRooms'
import { useMix } from './useMix'
import { sendAct } from '../across/act/sendAct'

/** Proofs still to come while there is no BAT (common practice, no source). */
const PROOFS_TO_COME = 4

/** How much to mix: a first estimate from the plate, then from the weighed pot. */
export function AmountRoom({ weighings }: { weighings: PotWeighing[] }) {
  const bench = useBench()
  const job = useJob()
  const { change, ...kept } = useMix()
  const [person, setPerson] = usePerson()
  const [plate, setPlate] = useState<
    Record<'coverage' | 'depthMicrometres' | 'toneMicrometres' | 'loss', number | null>
  >({ coverage: 20, depthMicrometres: 60, toneMicrometres: 1, loss: 90 })
  const [pot, setPot] = useState<{ grams: number | null; pulls: number | null }>({ grams: null, pulls: null })
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const areaCm2 = bench.plate ? (bench.plate.widthMm * bench.plate.heightMm) / 100 : null
  const estimate = inkFromPlateInput.safeParse({
    areaCm2,
    coverage: (plate.coverage ?? Number.NaN) / 100,
    depthMicrometres: plate.depthMicrometres,
    toneMicrometres: plate.toneMicrometres,
    wipingLoss: (plate.loss ?? Number.NaN) / 100,
  })
  const weighed = needFromWeighings(weighings)
  const need =
    weighed ?? (estimate.success ? { gramsPerPull: inkFromPlate(estimate.data), spread: null } : null)
  const left = Math.max(0, job.editionSize - job.accepted)
  const proofs = job.bat ? 0 : PROOFS_TO_COME
  const batch = need && left + proofs > 0 ? Math.ceil(batchFor(left + proofs, need)) : null
  const at = (field: string) =>
    estimate.success ? undefined : estimate.error.issues.find(({ path }) => path[0] === field)?.message
  const keep = async () => {
    const weighing = potWeighingSchema.safeParse(pot)
    if (!weighing.success)
      return setProblems(
        weighing.error.issues.map(({ path, message }) => ({ field: String(path[0]), message })),
      )
    const answer = await sendAct(keepInkWeighingAction, {
      jobId: job.id,
      weighing: weighing.data,
      by: person,
    })
    setProblems(answer.ok ? [] : answer.problems)
    if (answer.ok) setPot({ grams: null, pulls: null })
  }
  return (
    <Panel title="Ink" aside={<KeepLine {...kept} />}>
      <InkRooms />
      <div className="grid gap-8 xl:grid-cols-2">
        <section aria-label="Batch for what is left">
          <h2 className="station-title mb-3">What to mix</h2>
          <div className="flex flex-wrap gap-x-10 gap-y-4">
            <Figure
              value={need ? `${formatNumber(need.gramsPerPull, 2)} g` : '—'}
              label="a pull takes"
              note={
                weighed
                  ? `weighed over ${weighings.reduce((sum, { pulls }) => sum + pulls, 0)} pulls${weighed.spread === null ? '' : `, ± ${formatNumber(weighed.spread, 2)} g`}`
                  : 'estimated from the plate'
              }
            />
            <Figure
              value={left + proofs}
              label={job.bat ? 'prints left' : `prints and about ${proofs} proofs`}
            />
            <Figure
              value={batch ? `${formatNumber(batch, 0)} g` : '—'}
              label="batch, with reserve"
              note="enough 19 times in 20"
            />
          </div>
          <Button
            look="main"
            className="mt-4"
            disabled={!batch || !need}
            onClick={() =>
              change({ batchGrams: batch!, gramsPerPull: Number(need!.gramsPerPull.toFixed(2)) })
            }
          >
            Set the batch to {batch ? formatNumber(batch, 0) : '—'} g
          </Button>
          <fieldset className="mt-6 grid grid-cols-2 gap-3 border-t border-line pt-2">
            <legend className="text-sm text-muted">From the weighed pot</legend>
            <NumberField
              label="The pot lost"
              unit="g"
              value={pot.grams}
              onValue={(grams) => setPot({ ...pot, grams })}
              problem={problemAt(problems, 'grams')}
            />
            <NumberField
              label="in pulls"
              digits={0}
              value={pot.pulls}
              onValue={(pulls) => setPot({ ...pot, pulls })}
              problem={problemAt(problems, 'pulls')}
            />
            <TextField
              label="Weighed by"
              value={person}
              onText={setPerson}
              problem={problemAt(problems, 'by')}
            />
            <Button className="self-end" onClick={() => void keep()}>
              Keep the weighing
            </Button>
          </fieldset>
          <Problems problems={problems} except={['grams', 'pulls', 'by']} />
        </section>
        <section aria-label="Estimate from the plate" className="grid content-start gap-3 sm:grid-cols-2">
          <h2 className="station-title sm:col-span-2">First estimate, from the plate</h2>
          {areaCm2 === null && <p className="sm:col-span-2">Set the plate first: its area is needed.</p>}
          <NumberField
            label="Lines and bitten tone"
            unit="% of the plate"
            value={plate.coverage}
            onValue={(coverage) => setPlate({ ...plate, coverage })}
            problem={at('coverage')}
          />
          <NumberField
            label="How deep"
            unit="µm"
            value={plate.depthMicrometres}
            onValue={(depthMicrometres) => setPlate({ ...plate, depthMicrometres })}
            problem={at('depthMicrometres')}
          />
          <NumberField
            label="Film left beside them"
            unit="µm"
            value={plate.toneMicrometres}
            onValue={(toneMicrometres) => setPlate({ ...plate, toneMicrometres })}
            problem={at('toneMicrometres')}
          />
          <NumberField
            label="Wiped off again"
            unit="%"
            value={plate.loss}
            onValue={(loss) => setPlate({ ...plate, loss })}
            problem={at('wipingLoss')}
          />
          {estimate.success && (
            <p className="sm:col-span-2">
              {formatNumber(areaCm2!, 0)} cm² take <b>{formatNumber(inkFromPlate(estimate.data), 2)} g</b> a
              pull, of which {formatNumber(inkFromPlate(estimate.data) * (1 - estimate.data.wipingLoss), 2)} g
              stay.
            </p>
          )}
          <p className="text-sm text-muted sm:col-span-2">
            Ink taken as 1.1 g/cm³, from memory. Far too much is the usual mistake: weigh the pot before and
            after a few pulls.
          </p>
        </section>
      </div>
    </Panel>
  )
}
