'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { Printer } from 'lucide-react'
import { useMemo } from 'react'
import {
  MAKER_STANDINGS,
  makerOf,
  planClass,
  type ClassTurn,
  type Maker,
  type MakerStanding,
  type Roster,
} from '@/core/edition/roster'
import type { Pull } from '@/core/edition/pull'
import { PLATE_KINDS, type PlateKind } from '@/core/plate/plate'
import { stationsWanting } from '@/core/prove/stationsWanting'
import { writeMoment } from '@/core/units/moment'
import { Button, buttonClass } from '@/ui/Button'
import { deviceZone } from '@/ui/deviceZone'
import { Folded } from '@/ui/Folded'
import { MainAct } from '@/ui/MainAct'
import { Panel } from '@/ui/Panel'
import { useNow } from '@/ui/useNow'
import { useZone } from '@/ui/ViewerZone'
import { useBench, useJob, useSend } from '../bench/BenchContext'
import { PressCaution } from '../bench/cautions'
import { problemAt } from '../bench/problemAt'
import { useAct } from '../bench/useAct'
import { usePressKind } from '../bench/usePressKind'
import { PersonField } from '../person/PersonField'
import { usePerson } from '../person/usePerson'
import { Problems } from '../pull/Problems'
import { sendAct } from '../act/sendAct'
import { wallClock } from '../../shop/day/daySpans'
import { changeMakerAction, pullForMakerAction } from './actions'
import { classAnswer, underWords } from './answers'
import { ClassPrints } from './ClassPrints'
import { SetAsBefore, startWords } from './SetAsBefore'

const ClassList = dynamic(() => import('./ClassList').then((module) => module.ClassList), {
  ssr: false,
  loading: () => <p className="min-h-40 text-sm text-muted">Opening the list…</p>,
})

type SheetPull = Pull & { sheet: number }

/** A class at the press: who is up, what lies under their plate, who is late or not here, and whose print is whose. */
export function ClassRoom({ roster, pulls }: { roster: Roster | null; pulls: readonly SheetPull[] }) {
  const job = useJob()
  const bench = useBench()
  const zone = useZone()
  const pressKind = usePressKind()
  const { send } = useSend()
  const person = usePerson()
  const { busy, problems, act } = useAct()
  const [now] = useNow(20_000)
  const printedAt = useMemo(
    () =>
      new Map(
        pulls.flatMap((pull) => {
          const maker = makerOf(pull)
          return maker === null ? [] : [[maker, pull.pulledAt] as const]
        }),
      ),
    [pulls],
  )
  const turns = roster ? planClass(roster, printedAt, new Date(now).toISOString()) : []
  const unset = stationsWanting(bench, job.purpose)
  const at = (minute: number) => (roster ? wallClock(roster.startAt, minute, zone) : '')
  const last = pulls.findLast((pull) => makerOf(pull) !== null)
  const isOpen = !job.numbered && unset.length === 0

  const print = (maker: Maker) =>
    void act(() =>
      send((target) =>
        sendAct(pullForMakerAction, {
          ...target,
          makerId: maker.id,
          pull: {
            id: crypto.randomUUID(),
            kind: 'edition',
            zone: deviceZone(),
            hands: { inked: person || null, wiped: null, laid: person || null },
            expected: null,
            expectation: '',
          },
        }),
      ),
    )
  const say = (maker: Pick<Maker, 'id'>, said: { standing?: MakerStanding; kind?: Maker['kind'] }) =>
    void act(() => send((target) => sendAct(changeMakerAction, { ...target, makerId: maker.id, said })))
  const stand = (maker: Maker, standing: MakerStanding) => say(maker, { standing })
  const [first] = turns

  return (
    <Panel
      title="Prints"
      answer={classAnswer({
        unset,
        people: roster?.makers.length ?? 0,
        turns,
        printed: printedAt.size,
        isNumbered: job.numbered,
        at,
        jobPage: `/jobs/${job.slug}`,
      })}
      aside={
        roster && (
          <Link
            href={`/queue/wall?class=${job.slug}`}
            className="inline-flex min-h-11 items-center text-sm underline underline-offset-4"
          >
            Wall screen
          </Link>
        )
      }
    >
      <PressCaution kind={pressKind} />
      {first && isOpen && (
        <>
          <MainAct>
            <Button
              look="main"
              className="min-h-16 justify-center text-xl"
              disabled={busy}
              onClick={() => print(first.maker)}
            >
              {first.name} printed
            </Button>
          </MainAct>
          <SetAsBefore maker={first.maker} pulls={pulls} />
        </>
      )}
      {last && (
        <p data-said className="mb-2">
          Pencil on sheet {last.sheet}:{' '}
          <b className="far-number text-2xl">{writeMoment(last.pulledAt, last.zone)}</b>{' '}
          {roster?.makers.find(({ id }) => id === makerOf(last))?.name}
        </p>
      )}
      <Problems problems={problems} except={['pull.hands.inked']} />
      {roster && isOpen && (
        <>
          <div className="max-w-xs">
            <PersonField did="At the press:" problem={problemAt(problems, 'pull.hands.inked')} />
          </div>
          <Turns
            turns={turns}
            at={at}
            startOf={(maker) => startWords(maker, bench, pulls)}
            busy={busy}
            onPrint={print}
            onStand={stand}
            onKind={(maker, kind) => say(maker, { kind })}
          />
          <PassedOver makers={roster.makers} busy={busy} onStand={stand} />
        </>
      )}
      {roster && (
        <ClassPrints
          roster={roster}
          pulls={pulls}
          lastPullId={pulls.at(-1)?.id ?? null}
          isOpen={isOpen}
          onAgain={(makerId) => say({ id: makerId }, { standing: 'late' })}
        />
      )}
      {!job.numbered && (
        <div className="mt-4 border-t border-line pt-2">
          {roster ? (
            <Folded summary={`Who prints: ${roster.makers.length}`}>
              <ClassList roster={roster} />
            </Folded>
          ) : (
            <ClassList roster={null} />
          )}
        </div>
      )}
      {turns.length > 0 && (
        <>
          <p className="screen-only mt-2">
            <button type="button" className={buttonClass('quiet')} onClick={() => window.print()}>
              <Printer size={18} aria-hidden /> Print turn tickets
            </button>
          </p>
          <ul className="mt-6 hidden grid-cols-2 gap-4 print:grid">
            {turns.map(({ name, pressFrom, press, makeReadyMm }) => (
              <li key={name} className="break-inside-avoid border border-black p-3">
                <b className="block text-2xl">{name}</b> press {press} at {at(pressFrom)}:{' '}
                {underWords(makeReadyMm)}. The press stays as it is set.
              </li>
            ))}
          </ul>
        </>
      )}
    </Panel>
  )
}

/** Everyone still to print, in their order, each with what can be said of them at one tap. */
function Turns({
  turns,
  at,
  startOf,
  busy,
  onPrint,
  onStand,
  onKind,
}: {
  turns: readonly ClassTurn[]
  at: (minute: number) => string
  startOf: (maker: Maker) => string
  busy: boolean
  onPrint: (maker: Maker) => void
  onStand: (maker: Maker, standing: MakerStanding) => void
  onKind: (maker: Maker, kind: Maker['kind']) => void
}) {
  return (
    <ol aria-label="Turns" className="mt-2 print:hidden">
      {turns.map(({ maker, name, place, press, pressFrom, prepFrom, prepTo, makeReadyMm }, i) => (
        <li
          key={maker.id}
          className="grid items-center gap-x-4 gap-y-1 border-b border-line py-1 md:grid-cols-[6.5rem_minmax(0,1fr)] xl:grid-cols-[6.5rem_minmax(12rem,1fr)_auto]"
        >
          <span className={i === 0 ? 'far-number text-3xl' : 'far-number text-xl'}>{at(pressFrom)}</span>
          <span>
            <b className={i === 0 ? 'text-2xl' : ''}>{name}</b>{' '}
            {maker.standing === 'late' && <span className="text-sm">late </span>}
            <span className="block text-sm text-muted">
              press {press}; {underWords(makeReadyMm)}; place {place}, {at(prepFrom)} to {at(prepTo)}
              {startOf(maker) ? `; ${startOf(maker)}` : ''}
            </span>
          </span>
          <span className="flex flex-wrap items-center gap-2 md:col-start-2 xl:col-start-3">
            <select
              aria-label={`Plate of ${name}`}
              value={maker.kind ?? ''}
              disabled={busy}
              className="condensed min-h-11 max-w-36 border border-edge bg-raised px-1 text-sm"
              onChange={(event) =>
                onKind(maker, event.target.value === '' ? null : (event.target.value as PlateKind))
              }
            >
              <option value="">plate as the class’s</option>
              {Object.entries(PLATE_KINDS).map(([kind, { label }]) => (
                <option key={kind} value={kind}>
                  {label}
                </option>
              ))}
            </select>
            {i > 0 && (
              <Button disabled={busy} aria-label={`${name} printed`} onClick={() => onPrint(maker)}>
                Printed
              </Button>
            )}
            {maker.standing !== 'late' && (
              <Button
                look="quiet"
                disabled={busy}
                aria-label={`${name} is late`}
                onClick={() => onStand(maker, 'late')}
              >
                Late
              </Button>
            )}
            <Button
              look="quiet"
              disabled={busy}
              aria-label={`${name} is not here`}
              onClick={() => onStand(maker, 'absent')}
            >
              Not here
            </Button>
            <Button
              look="quiet"
              disabled={busy}
              aria-label={`${name} ends at the wiped plate`}
              onClick={() => onStand(maker, 'wiped')}
            >
              Wiped only
            </Button>
          </span>
        </li>
      ))}
    </ol>
  )
}

/** Who is not in the queue, and the way back into it. */
function PassedOver({
  makers,
  busy,
  onStand,
}: {
  makers: readonly Maker[]
  busy: boolean
  onStand: (maker: Maker, standing: MakerStanding) => void
}) {
  const over = makers.filter(({ standing }) => standing === 'absent' || standing === 'wiped')
  if (over.length === 0) return null
  return (
    <ul aria-label="Not in the queue" className="mt-2 print:hidden">
      {over.map((maker) => (
        <li key={maker.id} className="flex flex-wrap items-center gap-3 border-b border-line py-1">
          <b>{maker.name}</b> <span className="text-sm text-muted">{MAKER_STANDINGS[maker.standing]}</span>
          <Button
            look="quiet"
            className="ml-auto"
            disabled={busy}
            aria-label={`${maker.name} is here now`}
            onClick={() => onStand(maker, 'late')}
          >
            Here now
          </Button>
        </li>
      ))}
    </ul>
  )
}
