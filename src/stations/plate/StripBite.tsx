'use client'

import { clock } from '@/core/units/clock'
import { formatCelsius, formatCelsiusStep } from '@/core/units/quantity'
import dynamic from 'next/dynamic'
import { useEffect, useReducer, useState, type ReactNode } from 'react'
import { minutesForTone, slowness, toneAt, type BiteCurve, type BitePoint } from '@/core/plate/biteCurve'
import type { BiteArea, BiteTimetable } from '@/core/plate/bitePlan'
import { formatNumber } from '@/core/units/length'
import type { KeptStrip } from '@/data/plate/bites'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { PlateCaution } from '../across/bench/cautions'
import { problemAt } from '../across/bench/problemAt'
import { Problems } from '../across/pull/Problems'
import { biteAnswer } from './answers'
import { biteBench, openBiteBench, readBiteBench, type BiteAct, type BiteBench } from './biteBench'
import { keepBitePlanAction, keepStripAction } from './biteActions'
import { PlateRooms } from './PlateRooms'
import { sendAct } from '../across/act/sendAct'
import { CurveChart } from '@/ui/CurveChart'

/** Read once the page stands: it runs the bite, and is not there before. */
const SequencePacer = dynamic(
  () => import('../across/bench/SequencePacer').then((module) => module.SequencePacer),
  { ssr: false },
)

/** Points the fitted curve is drawn with. */
const DRAWN = 60

interface StripBiteProps {
  /** the choice between a strip and the clock */
  ways: ReactNode
  strips: KeptStrip[]
  kept: { stripId: string; areas: BiteArea[]; bathC: number } | null
}

/** From a test strip to a stop-out timetable that runs: which areas after which minutes. */
export function StripBite({ strips, kept, ways }: StripBiteProps) {
  const bench = useBench()
  const job = useJob()
  const [state, act] = useReducer(biteBench, null, () => openBiteBench(strips, kept))
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const [said, setSaid] = useState('')
  const [running, setRunning] = useState(false)
  // At once and not at the first press: by then the server may be away.
  useEffect(() => void import('../across/bench/SequencePacer'), [])
  const view = readBiteBench(state, strips)
  const { held, strip, curve, plan, timetable } = view

  const keepStrip = async () => {
    if (!view.entered)
      return setProblems([
        { field: 'points', message: view.enteredProblem ?? 'Read the steps of the strip first.' },
      ])
    const answer = await sendAct(keepStripAction, { name: state.name, strip: view.entered })
    setProblems(
      answer.ok ? [] : answer.problems.map(({ field, message }) => ({ field: field || 'name', message })),
    )
    if (answer.ok) act({ kind: 'set', patch: { stripId: answer.id } })
  }
  const keepPlan = async () => {
    if (!plan || !held) return
    const answer = await sendAct(keepBitePlanAction, { jobId: job.id, stripId: held.id, plan })
    setProblems(answer.ok ? [] : answer.problems)
    setSaid(answer.ok ? 'Plan saved.' : '')
  }
  if (running && timetable) {
    return (
      <SequencePacer
        title="Bite by the clock"
        back="Back to the plan"
        after="rinse and look"
        keepAs={`typothesis-bite-${job.id}`}
        onClose={() => setRunning(false)}
        steps={timetable.immersions.map(({ minutes, stopOut }, i) => ({
          label: `Immersion ${i + 1}`,
          caution: 'bath',
          seconds: minutes * 60,
          detail: `After it: ${i === timetable.immersions.length - 1 ? 'done' : `rinse, dry, stop out ${stopOut.join(', ')}`}`,
        }))}
        ended={(_, total) => <p className="far-number text-5xl">Bitten for {clock(total)}</p>}
      />
    )
  }
  return (
    <Panel
      rooms={<PlateRooms />}
      title="Plate"
      answer={biteAnswer(timetable, curve !== null)}
      act={
        timetable && (
          <Button look="main" disabled={timetable.immersions.length === 0} onClick={() => setRunning(true)}>
            Run the bite
          </Button>
        )
      }
    >
      <PlateCaution kind={bench.plate?.kind ?? 'zinc-etched'} />
      {ways}
      <div className="grid gap-8 xl:grid-cols-2">
        <section aria-label="Test strip" className="grid content-start gap-3">
          <h2 className="station-title">Test strip</h2>
          <SelectField
            label="Which strip"
            anchor="bite-strip"
            value={state.stripId}
            options={[...strips.map(({ id, name: of }) => [id, of] as const), ['', 'a new one']]}
            onPick={(stripId) => act({ kind: 'set', patch: { stripId } })}
          />
          {!held && (
            <NewStrip
              bench={state}
              problem={view.enteredProblem}
              nameProblem={problemAt(problems, 'name')}
              act={act}
              onKeep={() => void keepStrip()}
            />
          )}
          <Problems problems={problems} except={['name']} />
          {curve && strip && <StripChart curve={curve} points={strip.points} />}
        </section>
        <section aria-label="Stop-out plan" className="grid content-start gap-3">
          <TonesWanted bench={state} problemAt={view.problemAt} act={act} />
          {timetable && curve && plan && <Timetable timetable={timetable} curve={curve} bathC={plan.bathC} />}
          {timetable && (
            <div className="flex flex-wrap items-center gap-3">
              <Button disabled={!held} onClick={() => void keepPlan()}>
                {held ? 'Save this plan' : 'Save the strip first'}
              </Button>
              <span data-said className="text-sm">
                {said}
              </span>
            </div>
          )}
        </section>
      </div>
    </Panel>
  )
}

/** A strip while it is entered, step by step. */
function NewStrip({
  bench,
  problem,
  nameProblem,
  act,
  onKeep,
}: {
  bench: BiteBench
  problem: string | null
  nameProblem: string | undefined
  act: (done: BiteAct) => void
  onKeep: () => void
}) {
  return (
    <>
      <ul className="grid gap-2" aria-label="Steps of the strip">
        {bench.steps.map(({ minutes, tone }, i) => (
          <li key={i} className="grid grid-cols-[1fr_1fr_auto] items-end gap-3">
            <NumberField
              label={`Step ${i + 1}, minutes in all`}
              value={minutes}
              onValue={(next) => act({ kind: 'step', at: i, patch: { minutes: next } })}
            />
            <NumberField
              label={`Step ${i + 1}, tone`}
              digits={2}
              value={tone}
              onValue={(next) => act({ kind: 'step', at: i, patch: { tone: next } })}
            />
            <Button
              look="quiet"
              aria-label={`Take step ${i + 1} out`}
              onClick={() => act({ kind: 'take-out', of: 'steps', at: i })}
            >
              Out
            </Button>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap items-end gap-3">
        <Button onClick={() => act({ kind: 'one-more', of: 'steps' })}>One more step</Button>
        <NumberField
          label="Bath then"
          unit="°C"
          value={bench.stripC}
          onValue={(stripC) => act({ kind: 'set', patch: { stripC } })}
          className="max-w-32"
        />
        <TextField
          label="Name of the strip"
          value={bench.name}
          onText={(name) => act({ kind: 'set', patch: { name } })}
          problem={nameProblem}
        />
        <Button onClick={onKeep}>Save the strip</Button>
      </div>
      {problem && <p className="text-sm">◇ {problem}</p>}
    </>
  )
}

/** The grey a tone prints, for the screen. */
const greyOf = (tone: number | null) => {
  const value = Math.round(255 * Math.min(1, 10 ** -(tone ?? 0)) ** (1 / 2.2))
  return `rgb(${value},${value},${value})`
}

/** The areas of the plate with the tone each is to have, and the bath they are bitten in. */
function TonesWanted({
  bench,
  problemAt: at,
  act,
}: {
  bench: BiteBench
  problemAt: (field: string) => string | undefined
  act: (done: BiteAct) => void
}) {
  return (
    <>
      <h2 className="station-title">Tones wanted</h2>
      <ul className="grid gap-2" aria-label="Areas">
        {bench.areas.map(({ name, tone }, i) => (
          <li key={i} className="grid grid-cols-[1fr_6rem_2.75rem_auto] items-end gap-3">
            <TextField
              label={`Area ${i + 1}`}
              value={name ?? ''}
              onText={(next) => act({ kind: 'area', at: i, patch: { name: next } })}
              problem={at(`areas.${i}.name`)}
            />
            <NumberField
              label={`Tone ${i + 1}`}
              digits={2}
              value={tone}
              onValue={(next) => act({ kind: 'area', at: i, patch: { tone: next } })}
              problem={at(`areas.${i}.tone`)}
            />
            <span aria-hidden className="h-11 border border-line" style={{ background: greyOf(tone) }} />
            <Button
              look="quiet"
              aria-label={`Take area ${i + 1} out`}
              onClick={() => act({ kind: 'take-out', of: 'areas', at: i })}
            >
              Out
            </Button>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap items-end gap-3">
        <Button onClick={() => act({ kind: 'one-more', of: 'areas' })}>One more area</Button>
        <NumberField
          label="Bath now"
          unit="°C"
          value={bench.bathC}
          onValue={(bathC) => act({ kind: 'set', patch: { bathC } })}
          problem={at('bathC')}
          className="max-w-32"
        />
      </div>
    </>
  )
}

function StripChart({ curve, points }: { curve: BiteCurve; points: readonly BitePoint[] }) {
  const last = Math.max(...points.map(({ minutes }) => minutes))
  const sorted = [...points].sort((a, b) => a.minutes - b.minutes)
  return (
    <>
      <CurveChart
        title="Tone over minutes in all"
        unit="min"
        from={0}
        to={last}
        ticks={5}
        curves={[
          {
            name: 'fitted',
            points: Array.from({ length: DRAWN + 1 }, (_, i) => ({
              x: (last * i) / DRAWN,
              y: toneAt(curve, (last * i) / DRAWN),
            })),
          },
          {
            name: 'the strip',
            dots: true,
            points: sorted.map(({ minutes, tone }) => ({ x: minutes, y: tone })),
          },
        ]}
      />
      <p className="text-sm">
        {curve.collapseMinutes === null ? (
          `Rises to ${formatNumber(curve.ceiling, 2)}; 63 % of that in ${formatNumber(curve.riseMinutes, 1)} min.`
        ) : (
          <>
            <b>
              Darkest, <span data-figure="bite-peak-tone">{formatNumber(curve.peakTone, 2)}</span>, at{' '}
              <span data-figure="bite-peak">{formatNumber(curve.peakMinutes, 1)} min</span>;
            </b>{' '}
            after that the grain is bitten away.
          </>
        )}{' '}
        Scatter {curve.rmse.toFixed(2)}.
      </p>
      {curve.remarks.map((remark) => (
        <p key={remark} className="text-sm font-medium">
          ◇ {remark}
        </p>
      ))}
    </>
  )
}

function Timetable({
  timetable,
  curve,
  bathC,
}: {
  timetable: BiteTimetable
  curve: BiteCurve
  bathC: number
}) {
  const factor = slowness(curve.temperatureC, bathC)
  return (
    <div>
      <table className="w-full">
        <caption className="station-title pt-2 text-left">Timetable</caption>
        <thead className="text-left text-sm text-muted">
          <tr>
            <th scope="col" className="font-normal">
              Immersion
            </th>
            <th scope="col" className="font-normal">
              Minutes
            </th>
            <th scope="col" className="font-normal">
              In all
            </th>
            <th scope="col" className="font-normal">
              Then stop out
            </th>
          </tr>
        </thead>
        <tbody>
          {timetable.before.length > 0 && (
            <tr className="border-t border-line">
              <th scope="row" className="py-1.5 text-left font-normal">
                before
              </th>
              <td>—</td>
              <td>0:00</td>
              <td>{timetable.before.join(', ')}</td>
            </tr>
          )}
          {timetable.immersions.map(({ minutes, cumulativeMinutes, stopOut }, i) => (
            <tr key={i} className="border-t border-line">
              <th scope="row" className="py-1.5 text-left font-normal">
                {i + 1}
              </th>
              <td className="far-number text-xl">{clock(minutes * 60)}</td>
              <td>{clock(cumulativeMinutes * 60)}</td>
              <td>
                {i === timetable.immersions.length - 1 ? `${stopOut.join(', ')}: done` : stopOut.join(', ')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {timetable.outOfReach.map(({ name, mostTone }) => (
        <p key={name} role="alert" className="font-medium text-signal">
          ◆ {name}: this grain gives {formatNumber(mostTone, 2)} at the most, at{' '}
          {formatNumber((minutesForTone(curve, curve.peakTone) ?? curve.peakMinutes) * factor, 1)} min.
        </p>
      ))}
      <p className="mt-1 text-sm text-muted">
        {Math.abs(factor - 1) < 0.01
          ? 'At the strip’s temperature.'
          : `Bath at ${formatCelsius(bathC, 0)}, strip at ${formatCelsius(curve.temperatureC, 0)}: ${formatNumber(factor, 2)} × as long (doubles every ${formatCelsiusStep(10, 0)}, rule of thumb).`}{' '}
        Look after every immersion.
      </p>
    </div>
  )
}
