'use client'

import { formatArea, formatGrams } from '@/core/units/quantity'
import { useState } from 'react'
import {
  estimatePutOn,
  inkFromPlate,
  inkFromPlateInput,
  needFromWeighings,
  potWeighingSchema,
  UNWEIGHED,
  USUALLY_RETURNED,
  type PotWeighing,
} from '@/core/ink/inkNeed'
import { needOfMix, type InkBy, type JobNeed } from '@/core/record/jobNeed'
import { SURE } from '@/core/record/sure'
import { FIRST_MIX } from '@/core/ink/mix'
import { counted } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { Figure } from '@/ui/Figure'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { sendAct } from '../across/act/sendAct'
import { useBench, useJob } from '../across/bench/BenchContext'
import { KeepLine } from '../across/bench/KeepLine'
import { Misfits } from '../across/bench/Misfits'
import { needSum } from '../across/bench/needSum'
import { problemAt } from '../across/bench/problemAt'
import { useNeed } from '../across/bench/useNeed'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { wantedWords } from '../across/bench/wantedWords'
import { Problems } from '../across/pull/Problems'
import { keepInkWeighingAction } from './actions'
import { amountAnswer } from './answers'
import { InkRooms } from './InkRooms'
import { MixStrip } from './MixStrip'
import { useMix } from './useMix'
import { WithoutScale } from './WithoutScale'

/** How sure an amount is, by where the ink of a pull is known from. */
const KNOWN_FROM: Record<InkBy, string> = {
  weighed: 'weighed',
  once: 'weighed once: nothing is claimed before a second time',
  mix: 'as the mix says, not weighed',
  plate: 'by the size of the plate, not weighed',
}
const ABOUT = `about, ± ${100 * UNWEIGHED} %: weigh it twice`

interface LoosePot {
  grams: number | null
  returnedGrams: number | null
  pulls: number | null
}
const NO_POT: LoosePot = { grams: null, returnedGrams: null, pulls: null }

/** What went onto the slab for so many pulls, and what came back. */
function Weighing({ jobId, mixId }: { jobId: string; mixId: string }) {
  const person = usePerson()
  const [pot, setPot] = useState(NO_POT)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const keep = async () => {
    const weighing = potWeighingSchema.safeParse({ ...pot, mixId })
    if (!weighing.success)
      return setProblems(
        weighing.error.issues.map(({ path, message }) => ({ field: String(path[0]), message })),
      )
    const answer = await sendAct(keepInkWeighingAction, { jobId, weighing: weighing.data, by: person })
    setProblems(answer.ok ? [] : answer.problems)
    if (answer.ok) setPot(NO_POT)
  }
  return (
    <>
      <fieldset className="mt-6 grid grid-cols-2 gap-3 border-t border-line pt-2">
        <legend className="text-sm text-muted">By weighing the ink</legend>
        <NumberField
          label="Put on the slab"
          unit="g"
          value={pot.grams}
          onValue={(grams) => setPot({ ...pot, grams })}
          problem={problemAt(problems, 'grams')}
        />
        <NumberField
          label="for pulls"
          digits={0}
          value={pot.pulls}
          onValue={(pulls) => setPot({ ...pot, pulls })}
          problem={problemAt(problems, 'pulls')}
        />
        <NumberField
          label="Scraped back after them"
          unit="g"
          value={pot.returnedGrams}
          onValue={(returnedGrams) => setPot({ ...pot, returnedGrams })}
          problem={problemAt(problems, 'returnedGrams')}
          hint="nothing: all of it is used up"
        />
        <PersonField did="Weighed by" problem={problemAt(problems, 'by')} />
        <Button className="self-end" onClick={() => void keep()}>
          Save the weighing
        </Button>
      </fieldset>
      <Problems problems={problems} except={['grams', 'pulls', 'returnedGrams', 'by']} />
    </>
  )
}

/** The amount by every screen's reckoning, and where the ink of a pull goes. */
function WhatToMix({
  need,
  weighings,
  onBatch,
}: {
  /** of the mix that is open */
  need: JobNeed
  weighings: readonly PotWeighing[]
  onBatch: (batch: { batchGrams: number; gramsPerPull: number }) => void
}) {
  const { plate } = useBench()
  const weighed = needFromWeighings(weighings)
  const batch = need.grams === null || need.pulls === 0 ? null : Math.ceil(need.grams)
  const known = need.inkBy && KNOWN_FROM[need.inkBy]
  const back = weighed?.returned ?? null
  return (
    <>
      <h2 className="station-title mb-3">What to mix</h2>
      <div className="flex flex-wrap gap-x-10 gap-y-4">
        <Figure
          name="ink-a-pull"
          value={need.gramsPerPull === null ? '—' : formatGrams(need.gramsPerPull, 2)}
          label="a pull uses up"
          note={
            weighed && weighed.sd !== null
              ? `weighed over ${weighed.pulls} pulls, ± ${formatGrams(weighed.sd, 2)} from one to the next`
              : known
          }
        />
        <Figure name="pulls-to-come" value={need.pulls} label={wantedWords(need)} />
        <Figure
          name="ink-to-mix"
          value={batch ? formatGrams(batch, 0) : '—'}
          label="used up by them"
          note={batch && (need.isGramsSure ? `${10 * SURE} in 10 sure` : ABOUT)}
        />
      </div>
      {plate && (
        <p className="mt-3 text-sm">
          {back === null || need.gramsPerPull === null
            ? `About ${formatGrams(estimatePutOn(plate.widthMm, plate.heightMm), 1)} is put on, of which about ${formatNumber(100 * USUALLY_RETURNED, 0)} % is carded back to the slab (typical: weigh what you scrape back).`
            : `${formatGrams(need.gramsPerPull / (1 - back), 2)} is put on, of which ${formatNumber(100 * back, 0)} % is carded back to the slab, as weighed.`}{' '}
          That much more lies on the slab while you work.
        </p>
      )}
      <Button
        look="main"
        className="mt-4"
        disabled={!batch}
        onClick={() => onBatch({ batchGrams: batch!, gramsPerPull: Number(need.gramsPerPull!.toFixed(2)) })}
      >
        Set the batch to {batch ? formatGrams(batch, 0) : '—'}
      </Button>
    </>
  )
}

/** Ink by ink: what a pull uses up, what the pulls to come take, and how far it goes. */
function EveryInk({ need }: { need: JobNeed }) {
  return (
    <table className="mt-4 w-full text-left text-sm">
      <caption className="station-title text-left">All inks of this plate</caption>
      <thead>
        <tr className="border-b border-line text-muted">
          <th className="py-1 font-normal">Ink</th>
          <th className="font-normal">a pull</th>
          <th className="font-normal">for {counted(need.pulls, 'pull')}</th>
          <th className="font-normal">mixed covers</th>
        </tr>
      </thead>
      <tbody>
        {need.inks.map(({ id, name, gramsPerPull, grams, mixCovers }) => (
          <tr key={id} className="border-b border-line">
            <th className="py-1 font-medium">{name}</th>
            <td>{formatGrams(gramsPerPull ?? 0, 2)}</td>
            <td>{formatGrams(grams ?? 0, 1)}</td>
            <td>{(mixCovers ?? 0) < need.pulls ? `◆ ${mixCovers ?? 0}` : 'all'}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** How much to mix: a first estimate from the plate, then from the weighed pot. What is put on is not what is used up. */
export function AmountRoom({ weighings }: { weighings: PotWeighing[] }) {
  const bench = useBench()
  const job = useJob()
  const whole = useNeed()
  const { change, mixes, pick, ...kept } = useMix()
  const need = needOfMix(whole, kept.value.id)
  const own = weighings.filter(({ mixId }) => (mixId ?? FIRST_MIX) === kept.value.id)
  const [plate, setPlate] = useState<
    Record<'coverage' | 'depthMicrometres' | 'toneMicrometres' | 'wipedOff' | 'returned', number | null>
  >({
    coverage: 20,
    depthMicrometres: 60,
    toneMicrometres: 1,
    wipedOff: 90,
    returned: 100 * USUALLY_RETURNED,
  })
  const areaCm2 = bench.plate ? (bench.plate.widthMm * bench.plate.heightMm) / 100 : null
  const estimate = inkFromPlateInput.safeParse({
    areaCm2,
    coverage: (plate.coverage ?? Number.NaN) / 100,
    depthMicrometres: plate.depthMicrometres,
    toneMicrometres: plate.toneMicrometres,
    wipedOff: (plate.wipedOff ?? Number.NaN) / 100,
    returned: (plate.returned ?? Number.NaN) / 100,
  })
  const path = estimate.success ? inkFromPlate(estimate.data) : null
  const at = (field: string) =>
    estimate.success ? undefined : estimate.error.issues.find(({ path: of }) => of[0] === field)?.message
  return (
    <Panel
      rooms={<InkRooms />}
      title="Ink"
      aside={<KeepLine {...kept} />}
      answer={{ ...amountAnswer(need, wantedWords(need)), sum: needSum(need) }}
    >
      <div className="grid gap-8 xl:grid-cols-2">
        <section aria-label="Batch for what is left">
          <MixStrip mixes={mixes} open={kept.value.id} onPick={pick} />
          <WhatToMix need={need} weighings={own} onBatch={change} />
          {mixes.length > 1 && <EveryInk need={whole} />}
          <Misfits />
          <Weighing key={kept.value.id} jobId={job.id} mixId={kept.value.id} />
          <WithoutScale
            key={`count ${kept.value.id}`}
            jobId={mixes.length > 1 ? `${job.id} ${kept.value.id}` : job.id}
            parts={kept.value.parts ?? []}
            onMix={change}
          />
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
            label="Wiped off again, card and rags"
            unit="%"
            value={plate.wipedOff}
            onValue={(wipedOff) => setPlate({ ...plate, wipedOff })}
            problem={at('wipedOff')}
          />
          <NumberField
            label="Of it carded back to the slab"
            unit="% of what is put on"
            value={plate.returned}
            onValue={(returned) => setPlate({ ...plate, returned })}
            problem={at('returned')}
          />
          {path && (
            <p className="sm:col-span-2">
              On {formatArea(areaCm2!, 0)} {formatGrams(path.putOn, 2)} is put on,{' '}
              {formatGrams(path.returned, 2)} carded back, <b>{formatGrams(path.usedUp, 2)} used up</b>; the
              plate holds {formatGrams(path.onPlate, 2)} of it for the print.
            </p>
          )}
          <p className="text-sm text-muted sm:col-span-2">
            Ink taken as 1.1 g/cm³ (typical value). Far too much is the usual mistake: weigh the pot before
            and after a few pulls.
          </p>
        </section>
      </div>
    </Panel>
  )
}
