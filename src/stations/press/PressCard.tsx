'use client'

import { counted } from '@/core/units/counted'
import { dayOf } from '@/core/units/moment'
import { useZone } from '@/ui/ViewerZone'
import Link from 'next/link'
import { useState } from 'react'
import {
  PRESS_KINDS,
  UPKEEP,
  type KeptPressEvent,
  type PressDetails,
  type PressEvent,
  type PressKind,
  type PressStanding,
} from '@/core/press/pressCard'
import { readStrips, STRIPS, type Strip } from '@/core/press/settingRoute'
import { formatMm, formatNumber } from '@/core/units/length'
import type { StorePress } from '@/data/shop/store'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { SelectField, TextField } from '@/ui/Field'
import { Figure } from '@/ui/Figure'
import { LengthField, NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { PressCaution } from '../across/bench/cautions'
import { problemAt } from '../across/bench/problemAt'
import { useAct } from '../across/bench/useAct'
import { usePerson } from '../across/bench/usePerson'
import { PictureField } from '../across/picture/PictureField'
import { Problems } from '../across/pull/Problems'
import { changePressAction, enterPressEventAction } from './actions'
import { GaugeTable } from './GaugeTable'
import { sendAct } from '../across/act/sendAct'

/** How both sides are brought to the bare bed, one act after the other. */
const ZEROING = [
  'Blankets and plate off. Wipe roller and bed: a crumb of ink is a tenth of a millimetre.',
  'Lay a strip of thin paper under the roller at the left, another at the right.',
  'Tighten the left, slowly, until its strip just holds. Then the right, likewise.',
  'Go to and fro until both strips hold alike: turning one side moves the other a little.',
  'Back both off by half a turn, and come back by tightening: the strips must hold at the same mark.',
] as const

/** A press's card: what it is, when it was zeroed and what has drifted since, its upkeep, and all that was written on it. */
export function PressCard({
  press,
  events,
  standing,
}: {
  press: StorePress
  events: KeptPressEvent[]
  standing: PressStanding
}) {
  const zone = useZone()
  const [person, setPerson] = usePerson()
  const { busy, problems, act } = useAct()
  const enter = (event: PressEvent) =>
    act(() => sendAct(enterPressEventAction, { pressId: press.id, event, by: person }))
  const zeroedAt = standing.zeroedAt ?? press.zeroedAt
  return (
    <Panel
      title={press.name}
      aside={
        <p className="text-sm">
          {PRESS_KINDS[press.kind]}
          {press.serial && `, no. ${press.serial}`}
        </p>
      }
    >
      <p>
        <Link href="/store" className="inline-flex min-h-11 items-center underline underline-offset-4">
          Back to the store
        </Link>
      </p>
      <PressCaution />
      <div className="flex flex-wrap gap-x-8 gap-y-3 border-b border-line pb-4">
        <Figure value={`${formatNumber(press.mmPerTurn, 3)} mm`} label={`a turn (${press.thread})`} />
        <Figure
          value={formatMm(press.rollerRadiusMm * 2)}
          label="roller"
          note={press.rollerLengthMm ? `${formatMm(press.rollerLengthMm)} long` : undefined}
        />
        <Figure
          value={formatMm(press.bedWidthMm)}
          label="bed, wide"
          note={press.bedLengthMm ? `${formatMm(press.bedLengthMm)} long` : undefined}
        />
        <Figure
          value={zeroedAt ? dayOf(zeroedAt, zone) : '—'}
          label="zero set"
          note={
            standing.driftTurns === null
              ? 'no check by a print since'
              : `drift since: right ${formatNumber(Math.abs(standing.driftTurns), 3)} turns ${standing.driftTurns < 0 ? 'looser' : 'tighter'} to be even`
          }
        />
        <Figure
          value={press.frameNPerMm === null ? 'rigid' : `${formatNumber(press.frameNPerMm / 1000, 1)} kN/mm`}
          label="frame"
          note={press.frameNPerMm === null ? 'taken so: learned at the station Press' : undefined}
        />
      </div>
      {standing.remarks.map((words) => (
        <p key={words} role="status" className="mt-2 font-medium">
          ◆ {words}
        </p>
      ))}
      <TextField
        label="Who is at the press"
        value={person}
        onText={setPerson}
        problem={problemAt(problems, 'by')}
        className="mt-3 max-w-64"
      />
      <Problems problems={problems} except={['by']} />
      <div className="mt-4 grid gap-8 xl:grid-cols-2">
        <div className="grid content-start gap-6">
          <Zeroing busy={busy} onZero={() => enter({ kind: 'zeroed' })} />
          <ParallelCheck busy={busy} last={standing.strips} onCheck={enter} />
          <TestPrint busy={busy} last={standing.testPrint} onKeep={enter} />
        </div>
        <div className="grid content-start gap-6">
          <section aria-label="Upkeep">
            <h2 className="station-title">Upkeep due</h2>
            {standing.due.length === 0 && <p>Nothing is due.</p>}
            <ul>
              {standing.due.map(({ task, label, overdueDays }) => (
                <li key={task} className="flex flex-wrap items-center gap-3 border-t border-line py-1">
                  <span className="min-w-48 flex-1">
                    {label}{' '}
                    <span className="block text-sm text-muted">
                      {overdueDays === null ? 'never recorded' : `${counted(overdueDays, 'day')} overdue`};
                      every {UPKEEP[task].days} days (common practice, no source)
                    </span>
                  </span>
                  <Button
                    disabled={busy}
                    onClick={() => void enter({ kind: 'upkeep', task })}
                    aria-label={`Done: ${label}`}
                  >
                    Done
                  </Button>
                </li>
              ))}
            </ul>
          </section>
          <Details press={press} />
        </div>
      </div>
      <section aria-label="Written on the card" className="mt-6 border-t border-line pt-3">
        <h2 className="station-title">Written on the card</h2>
        {events.length === 0 && <p className="text-sm">Nothing yet: zero it first.</p>}
        <ol>
          {[...events].reverse().map(({ event, at, by }) => (
            <li key={at + event.kind} className="condensed border-t border-line py-1">
              {dayOf(at, zone)} {describe(event)}, {by}
            </li>
          ))}
        </ol>
      </section>
    </Panel>
  )
}

function describe(event: PressEvent): string {
  if (event.kind === 'zeroed') return 'zeroed, both sides on the bare bed'
  if (event.kind === 'upkeep') return UPKEEP[event.task].label
  if (event.kind === 'test-print') return `test print${event.note && `: ${event.note}`}`
  return event.kind === 'strips'
    ? `three strips: ${readStrips(event.left, event.middle, event.right).replace(/\.$/, '')}`
    : `test print even with the right ${formatNumber(Math.abs(event.rightTighterTurns), 3)} turns ${event.rightTighterTurns < 0 ? 'looser' : 'tighter'}`
}

function Zeroing({ busy, onZero }: { busy: boolean; onZero: () => Promise<boolean> }) {
  const [step, setStep] = useState(0)
  const isLast = step === ZEROING.length - 1
  return (
    <section aria-label="Zeroing">
      <h2 className="station-title">Zero both sides</h2>
      <p className="text-sm text-muted">
        Step {step + 1} of {ZEROING.length}
      </p>
      <p className="text-xl" aria-live="polite">
        {ZEROING[step]}
      </p>
      <div className="mt-2 flex flex-wrap gap-3">
        <Button className="min-h-14" disabled={step === 0} onClick={() => setStep(step - 1)}>
          Step back
        </Button>
        {isLast ? (
          <Button
            className="min-h-14"
            look="main"
            disabled={busy}
            onClick={() => void onZero().then((kept) => kept && setStep(0))}
          >
            Both sides touch: this is zero
          </Button>
        ) : (
          <Button className="min-h-14" look="main" onClick={() => setStep(step + 1)}>
            Done, next step
          </Button>
        )}
      </div>
    </section>
  )
}

function ParallelCheck({
  busy,
  last,
  onCheck,
}: {
  busy: boolean
  last: PressStanding['strips']
  onCheck: (event: PressEvent) => Promise<boolean>
}) {
  const [strips, setStrips] = useState<Record<'left' | 'middle' | 'right', Strip | null>>({
    left: null,
    middle: null,
    right: null,
  })
  const [turns, setTurns] = useState<number | null>(null)
  const { left, middle, right } = strips
  return (
    <section aria-label="Parallel" className="border-t border-line pt-3">
      <h2 className="station-title">Is it parallel?</h2>
      {(['left', 'middle', 'right'] as const).map((where) => (
        <div key={where} className="mt-2 flex flex-wrap items-center gap-3">
          <span className="w-16">{where[0].toUpperCase() + where.slice(1)}</span>
          <Choice
            label={`${where} strip`}
            value={strips[where]}
            options={Object.entries(STRIPS).map(([key, words]) => [key as Strip, words])}
            onPick={(strip) => setStrips({ ...strips, [where]: strip })}
          />
        </div>
      ))}
      <p role="status" className="mt-2 font-medium">
        {left && middle && right
          ? readStrips(left, middle, right)
          : last
            ? `Last: ${readStrips(last.left, last.middle, last.right)}`
            : 'Three strips of paper between roller and bed: pull each gently.'}
      </p>
      <Button
        className="mt-2"
        disabled={busy || !left || !middle || !right}
        onClick={() => void onCheck({ kind: 'strips', left: left!, middle: middle!, right: right! })}
      >
        Write the strips down
      </Button>
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <NumberField
          label="Or a test print came even with the right tighter by"
          unit="turns"
          value={turns}
          onValue={setTurns}
          hint="below zero: the left"
          className="max-w-72"
        />
        <Button
          disabled={busy || turns === null}
          onClick={() =>
            void onCheck({ kind: 'even-print', rightTighterTurns: turns! }).then(
              (kept) => kept && setTurns(null),
            )
          }
        >
          Write it down
        </Button>
      </div>
    </section>
  )
}

function TestPrint({
  busy,
  last,
  onKeep,
}: {
  busy: boolean
  last: PressStanding['testPrint']
  onKeep: (event: PressEvent) => Promise<boolean>
}) {
  const zone = useZone()
  const [note, setNote] = useState('')
  const [imageId, setImage] = useState<string | null>(null)
  return (
    <section aria-label="Test print" className="border-t border-line pt-3">
      <h2 className="station-title">Dated test print</h2>
      <p className="text-sm text-muted">
        {last
          ? `Last ${dayOf(last.at, zone)}${last.note && `: ${last.note}`}`
          : 'The same small plate, now and then: it shows what the press does by itself.'}
      </p>
      {last?.imageId && (
        <img
          src={`/pictures/${last.imageId}/thumb`}
          alt={`Test print of ${dayOf(last.at, zone)}`}
          className="mt-1 max-h-40 border border-line"
        />
      )}
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        <TextField label="What it shows" value={note} onText={setNote} />
        <PictureField
          label="Picture of the test print"
          hint={imageId ? '; one is taken' : ''}
          onPicture={({ id }) => setImage(id)}
        />
      </div>
      <Button
        className="mt-2"
        disabled={busy}
        onClick={() =>
          void onKeep({ kind: 'test-print', note, imageId }).then((kept) => {
            if (!kept) return
            setNote('')
            setImage(null)
          })
        }
      >
        Keep the test print
      </Button>
    </section>
  )
}

function Details({ press }: { press: StorePress }) {
  const { busy, problems, act } = useAct()
  const { kind, rollerLengthMm, bedLengthMm, serial, gauge, frameNPerMm, note } = press
  const [details, setDetails] = useState<PressDetails>({
    kind,
    rollerLengthMm,
    bedLengthMm,
    serial,
    gauge,
    frameNPerMm,
    note,
  })
  const [kept, setKept] = useState(false)
  const set = (patch: Partial<PressDetails>) => {
    setKept(false)
    setDetails({ ...details, ...patch })
  }
  return (
    <section aria-label="What it is" className="border-t border-line pt-3">
      <h2 className="station-title">What it is</h2>
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        <SelectField
          label="Kind of press"
          value={details.kind}
          options={Object.entries(PRESS_KINDS)}
          onPick={(next) => set({ kind: next as PressKind })}
        />
        <TextField
          label="Serial number"
          value={details.serial}
          onText={(next) => set({ serial: next })}
          problem={problemAt(problems, 'serial')}
        />
        <LengthField
          label="Roller, length"
          value={details.rollerLengthMm}
          onValue={(next) => set({ rollerLengthMm: next })}
          problem={problemAt(problems, 'rollerLengthMm')}
        />
        <LengthField
          label="Bed, length"
          value={details.bedLengthMm}
          onValue={(next) => set({ bedLengthMm: next })}
          problem={problemAt(problems, 'bedLengthMm')}
        />
        <NumberField
          label="Frame stiffness"
          unit="N/mm"
          digits={0}
          value={details.frameNPerMm}
          onValue={(next) => set({ frameNPerMm: next })}
          hint="empty: taken as rigid"
          problem={problemAt(problems, 'frameNPerMm')}
        />
        <TextField
          label="Note"
          value={details.note}
          onText={(next) => set({ note: next })}
          problem={problemAt(problems, 'note')}
        />
      </div>
      <GaugeTable gauge={details.gauge} problems={problems} onGauge={(next) => set({ gauge: next })} />
      <Problems
        problems={problems}
        except={[
          'serial',
          'rollerLengthMm',
          'bedLengthMm',
          'frameNPerMm',
          'note',
          ...details.gauge.flatMap((_, i) => [`gauge.${i}.reading`, `gauge.${i}.mm`]),
        ]}
      />
      <div className="mt-3 flex items-center gap-3">
        <Button
          look="main"
          disabled={busy}
          onClick={() =>
            void act(() => sendAct(changePressAction, { pressId: press.id, details })).then(setKept)
          }
        >
          Keep the card
        </Button>
        <span role="status">{kept ? 'Kept' : ''}</span>
      </div>
    </section>
  )
}
