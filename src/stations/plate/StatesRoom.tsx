'use client'

import { dayOf } from '@/core/units/moment'
import { useZone } from '@/ui/ViewerZone'
import { useState } from 'react'
import {
  canBeFaced,
  FACED_STANDS,
  costOfAProof,
  describePlateLife,
  plateLife,
  type PlateHistory,
} from '@/core/plate/plateLife'
import { PLATE_KINDS, romanNumeral } from '@/core/plate/plate'
import type { Facing } from '@/core/plate/plateState'
import { formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import type { KeptWatchSpot } from '@/data/plate/plateWatch'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { SelectField, TextField } from '@/ui/Field'
import { Figure } from '@/ui/Figure'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { Sum } from '@/ui/Sum'
import { useBench, useJob } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { usePerson } from '../across/bench/usePerson'
import { Problems } from '../across/pull/Problems'
import type { PlatePictureState } from './PlatePicture'
import { PlateRooms } from './PlateRooms'
import { addFacingAction, addWatchSpotAction, endWatchSpotAction } from './roomActions'
import { sendAct } from '../across/act/sendAct'

interface StatesRoomProps {
  states: PlatePictureState[]
  spots: KeptWatchSpot[]
  facings: Facing[]
  pulls: number
  history: PlateHistory
}

type Way = 'plate' | 'print'

/** The plate through its states: two beside or over one another, what is to be watched, and what life it has left. */
export function StatesRoom({ states, spots, facings, pulls, history }: StatesRoomProps) {
  const bench = useBench()
  const { plate } = bench
  const [first, setFirst] = useState(String(states.at(-2)?.state ?? states.at(-1)?.state ?? ''))
  const [second, setSecond] = useState(String(states.at(-1)?.state ?? ''))
  const [manner, setManner] = useState<'beside' | 'over'>('beside')
  const [way, setWay] = useState<Way>('plate')
  const of = (state: string) => states.find((one) => String(one.state) === state)
  const options = states.map(
    ({ state, note }) =>
      [String(state), `State ${romanNumeral(state)}${note ? `: ${note.slice(0, 40)}` : ''}`] as const,
  )
  if (!plate) {
    return (
      <Panel title="Plate">
        <PlateRooms />
        <p className="border border-line bg-ground p-4">
          Set the plate first; its first state opens with it.
        </p>
      </Panel>
    )
  }
  return (
    <Panel title="Plate">
      <PlateRooms />
      <div className="grid gap-6 xl:grid-cols-[minmax(0,1fr)_22rem]">
        <section aria-label="States compared">
          <div className="mb-3 flex flex-wrap items-end gap-3">
            <SelectField
              label="One state"
              value={first}
              options={options}
              onPick={setFirst}
              className="w-52"
            />
            <SelectField
              label="The other"
              value={second}
              options={options}
              onPick={setSecond}
              className="w-52"
            />
            <Choice
              label="How to compare"
              value={manner}
              options={[
                ['beside', 'Side by side'],
                ['over', 'One over the other'],
              ]}
              onPick={setManner}
            />
            <Choice
              label="Way round"
              value={way}
              options={[
                ['plate', 'Plate'],
                ['print', 'Print'],
              ]}
              onPick={setWay}
            />
          </div>
          {manner === 'beside' ? (
            <div className="grid gap-4 sm:grid-cols-2">
              {[of(first), of(second)].map(
                (state, i) =>
                  state && (
                    <StatePicture
                      key={i}
                      state={state}
                      way={way}
                      size={plate}
                      spots={spots.filter(
                        (spot) =>
                          spot.state <= state.state &&
                          (spot.goneAt === null || state.state < (states.at(-1)?.state ?? 1)),
                      )}
                    />
                  ),
              )}
            </div>
          ) : (
            <Swipe lower={of(first)} upper={of(second)} way={way} ratio={plate.widthMm / plate.heightMm} />
          )}
        </section>
        <div className="grid content-start gap-6">
          <Life kind={plate.kind} pulls={pulls} facings={facings} history={history} />
          <WatchSpots spots={spots} state={plate.state} />
        </div>
      </div>
    </Panel>
  )
}

const turn = (way: Way) => (way === 'print' ? '-scale-x-100' : '')

function StatePicture({
  state,
  way,
  size,
  spots,
}: {
  state: PlatePictureState
  way: Way
  size: { widthMm: number; heightMm: number }
  spots: KeptWatchSpot[]
}) {
  const zone = useZone()
  return (
    <figure>
      <div
        className={`relative overflow-hidden bg-ground ${turn(way)}`}
        style={{ aspectRatio: size.widthMm / size.heightMm }}
      >
        {state.image ? (
          <img
            src={`/pictures/${state.image.id}/view`}
            alt={`State ${romanNumeral(state.state)}, ${way === 'plate' ? 'as the plate lies' : 'as it prints'}`}
            className="size-full object-contain"
          />
        ) : (
          <p className={`p-4 text-center text-sm text-muted ${turn(way)}`}>
            No picture of this state yet: add one in the room Plate.
          </p>
        )}
        {spots.map(({ id, at: [x, y], note }) => (
          <span
            key={id}
            title={note}
            className="absolute size-5 -translate-x-1/2 -translate-y-1/2 rounded-full border-2 border-white outline outline-2 outline-black"
            style={{ left: `${(100 * x) / size.widthMm}%`, top: `${(100 * y) / size.heightMm}%` }}
          />
        ))}
      </div>
      <figcaption className="mt-1 text-sm">
        <b>State {romanNumeral(state.state)}</b>, {dayOf(state.openedAt, zone)}
        {state.note && `: ${state.note}`}
      </figcaption>
    </figure>
  )
}

function Swipe({
  lower,
  upper,
  way,
  ratio,
}: {
  lower?: PlatePictureState
  upper?: PlatePictureState
  way: Way
  ratio: number
}) {
  const [cut, setCut] = useState(50)
  if (!lower?.image || !upper?.image)
    return (
      <p className="border border-line bg-ground p-4">
        Both states need a picture to be laid over one another.
      </p>
    )
  return (
    <div>
      <div className={`relative overflow-hidden bg-ground ${turn(way)}`} style={{ aspectRatio: ratio }}>
        <img
          src={`/pictures/${lower.image.id}/view`}
          alt={`State ${romanNumeral(lower.state)}`}
          className="absolute size-full object-contain"
        />
        <img
          src={`/pictures/${upper.image.id}/view`}
          alt={`State ${romanNumeral(upper.state)}, over it`}
          className="absolute size-full object-contain"
          style={{ clipPath: `inset(0 0 0 ${cut}%)` }}
        />
        <span
          aria-hidden
          className="absolute inset-y-0 w-px bg-black outline outline-1 outline-white"
          style={{ left: `${cut}%` }}
        />
      </div>
      <label className="mt-2 grid min-h-11 grid-cols-[8rem_1fr_8rem] items-center gap-3 text-sm">
        State {romanNumeral(lower.state)}
        <input
          type="range"
          min={0}
          max={100}
          value={cut}
          onChange={(event) => setCut(Number(event.target.value))}
          aria-label="Where one state ends and the other begins"
          className="min-h-11 w-full accent-[var(--text)]"
        />
        <span className="text-right">State {romanNumeral(upper.state)}</span>
      </label>
    </div>
  )
}

const BY = {
  kind: 'what its kind usually stands',
  facing: 'what a steel facing usually stands',
  readings: 'this plate’s own line readings',
} as const

function Life({
  kind,
  pulls,
  facings,
  history,
}: {
  kind: keyof typeof PLATE_KINDS
  pulls: number
  facings: Facing[]
  history: PlateHistory
}) {
  const zone = useZone()
  const job = useJob()
  const [person, setPerson] = usePerson()
  const [note, setNote] = useState('')
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const { facedAfter = null, wear = null } = history
  const life = plateLife(kind, pulls, history)
  const proof = costOfAProof(life)
  const face = async () => {
    const answer = await sendAct(addFacingAction, { jobId: job.id, by: person, note })
    setProblems(answer.ok ? [] : answer.problems)
    if (answer.ok) setNote('')
  }
  return (
    <section aria-label="Plate life" className="grid gap-3">
      <h2 className="station-title">Plate life</h2>
      <Sum
        rows={[
          { label: 'Pulled, proofs and warm-ups too', value: String(life.spent) },
          { label: 'Its kind usually stands', value: PLATE_KINDS[kind].stands.join(' to ') },
          ...(facedAfter === null
            ? []
            : [
                {
                  label: `Steel faced after ${facedAfter} pulls`,
                  value: `stands ${FACED_STANDS.join(' to ')} more`,
                },
              ]),
          ...(wear
            ? [
                {
                  label: 'Line readings reach the floor',
                  value: `after ${formatNumber(wear.low, 0)} to ${wear.high === null ? 'no bound yet' : formatNumber(wear.high, 0)} pulls (9 in 10 sure)`,
                },
              ]
            : []),
        ]}
      >
        <b>{describePlateLife(life)[0].toUpperCase() + describePlateLife(life).slice(1)}</b>, by {BY[life.by]}
        .
      </Sum>
      {proof && <p>◆ {proof[0].toUpperCase() + proof.slice(1)}.</p>}
      <Figure value={pulls} label="pulls so far" />
      {facings.map(({ at, by, afterPulls, note: said }) => (
        <p key={at} className="text-sm">
          Steel faced {dayOf(at, zone)} after {afterPulls} pulls, entered by {by}
          {said && `: ${said}`}.
        </p>
      ))}
      {canBeFaced(kind) && (
        <details className="border-t border-line">
          <summary className="min-h-11 py-2">It was steel faced…</summary>
          <div className="grid gap-3">
            <TextField
              label="Note on the facing"
              value={note}
              onText={setNote}
              problem={problemAt(problems, 'note')}
            />
            <TextField
              label="Entered by"
              value={person}
              onText={setPerson}
              problem={problemAt(problems, 'by')}
            />
            <Problems problems={problems} except={['note', 'by']} />
            <Button onClick={() => void face()}>Note the facing now</Button>
          </div>
        </details>
      )}
    </section>
  )
}

function WatchSpots({ spots, state }: { spots: KeptWatchSpot[]; state: number }) {
  const job = useJob()
  const [person, setPerson] = usePerson()
  const [note, setNote] = useState('')
  const [x, setX] = useState<number | null>(null)
  const [y, setY] = useState<number | null>(null)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const add = async () => {
    const missing: FieldProblem[] = [
      ...(x === null ? [{ field: 'x', message: 'Say where, in mm.' }] : []),
      ...(y === null ? [{ field: 'y', message: 'Say where, in mm.' }] : []),
    ]
    if (missing.length > 0) return setProblems(missing)
    const answer = await sendAct(addWatchSpotAction, {
      jobId: job.id,
      state,
      at: [x!, y!],
      note,
      by: person,
    })
    setProblems(answer.ok ? [] : answer.problems)
    if (answer.ok) {
      setNote('')
      setX(null)
      setY(null)
    }
  }
  return (
    <section aria-label="Watch spots" className="grid gap-3 border-t border-line pt-3">
      <h2 className="station-title">Watch spots</h2>
      {spots.length === 0 && (
        <p className="text-sm text-muted">
          No known flaw. A foul bite, a scratch, a peeling edge: put it here, and it is looked at on every
          pull.
        </p>
      )}
      <ul>
        {spots.map(({ id, at: [sx, sy], note: said, state: seen, goneAt }) => (
          <li
            key={id}
            className="flex flex-wrap items-center justify-between gap-x-3 border-b border-line py-1 text-sm"
          >
            <span className={goneAt ? 'text-muted line-through' : ''}>
              {said} ({formatNumber(sx, 0)}, {formatNumber(sy, 0)} mm; state {romanNumeral(seen)})
            </span>
            {!goneAt && (
              <Button
                look="quiet"
                onClick={() => void sendAct(endWatchSpotAction, { jobId: job.id, id })}
                aria-label={`${said} is gone`}
              >
                It is gone
              </Button>
            )}
          </li>
        ))}
      </ul>
      <div className="grid grid-cols-2 gap-3">
        <NumberField
          label="From the left"
          unit="mm"
          value={x}
          onValue={setX}
          problem={problemAt(problems, 'x') ?? problemAt(problems, 'at')}
        />
        <NumberField
          label="From the top"
          unit="mm"
          value={y}
          onValue={setY}
          problem={problemAt(problems, 'y')}
        />
        <TextField
          label="What is there"
          value={note}
          onText={setNote}
          problem={problemAt(problems, 'note')}
          className="col-span-2"
        />
        <TextField
          label="Seen by"
          value={person}
          onText={setPerson}
          problem={problemAt(problems, 'by')}
          className="col-span-2"
        />
      </div>
      <Problems problems={problems} except={['x', 'y', 'at', 'note', 'by']} />
      <Button onClick={() => void add()}>Watch this spot</Button>
    </section>
  )
}
