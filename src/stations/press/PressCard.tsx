'use client'

import { formatFine } from '@/core/units/quantity'
import Link from 'next/link'
import { type KeptPressEvent, type PressEvent, type PressStanding } from '@/core/press/pressCard'
import { isHandKind } from '@/core/press/pressKind'
import { PRESS_KINDS } from '@/core/press/pressKindNames'
import { formatMm, formatNumber } from '@/core/units/length'
import { saidDayOf } from '@/core/units/moment'
import type { StorePress } from '@/data/press/presses'
import { Button } from '@/ui/Button'
import { Figure } from '@/ui/Figure'
import { Panel } from '@/ui/Panel'
import { useZone } from '@/ui/ViewerZone'
import { PressCaution } from '../across/bench/cautions'
import { problemAt } from '../across/bench/problemAt'
import { useAct } from '../across/bench/useAct'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { sendAct } from '../across/act/sendAct'
import { enterPressEventAction } from './actions'
import { pressCardAnswer } from './cardAnswers'
import { driftWords, eventWords, overdueWords } from './cardWords'
import { readingFacts, isZeroed } from './pressFacts'
import { knownMm } from './scaleForm'
import { ParallelCheck } from './ParallelCheck'
import { PressDetailsForm } from './PressDetailsForm'
import type { Worked } from '@/core/press/startingPressure'
import { WorkedTable } from './WorkedTable'
import { TestPrint } from './TestPrint'
import { Zeroing } from './Zeroing'

/** A press's card: what it is, when it was zeroed and what has drifted since, its upkeep, and all that was written on it. */
export function PressCard({
  press,
  events,
  standing,
  worked,
}: {
  press: StorePress
  events: KeptPressEvent[]
  standing: PressStanding
  /** settings that printed well on it */
  worked: readonly Worked[]
}) {
  const zone = useZone()
  const person = usePerson()
  const { busy, problems, act } = useAct()
  const enter = (event: PressEvent) =>
    act(() => sendAct(enterPressEventAction, { pressId: press.id, event, by: person }))
  const zeroedAt = standing.zeroedAt ?? press.zeroedAt
  const { scale } = press
  return (
    <Panel
      title={press.name}
      answer={pressCardAnswer(standing, zeroedAt && saidDayOf(zeroedAt, zone), scale)}
      aside={
        <p className="text-sm">
          {PRESS_KINDS[press.kind]}
          {press.serial && `, no. ${press.serial}`}
        </p>
      }
    >
      <p className="print:hidden">
        <Link href="/store" className="inline-flex min-h-11 items-center underline underline-offset-4">
          Back to the stockroom
        </Link>
      </p>
      <PressCaution kind={press.kind} />
      <div className="flex flex-wrap gap-x-8 gap-y-3 border-b border-line pb-4">
        {scale.id === 'turns' && scale.mmPerUnit !== null ? (
          <Figure
            name="turn-mm"
            value={formatFine(scale.mmPerUnit, 3)}
            label={press.thread ? `a turn (${press.thread})` : 'a turn'}
          />
        ) : (
          <Figure
            name="read-by"
            value={readingFacts(scale, press.thread)}
            label="how it is read"
            note={knownMm(scale)}
          />
        )}
        {!isHandKind(press.kind) && (
          <>
            <Figure
              name="roller"
              value={formatMm(press.rollerRadiusMm * 2)}
              label="roller"
              note={press.rollerLengthMm ? `${formatMm(press.rollerLengthMm)} long` : undefined}
            />
            <Figure
              name="bed-width"
              value={formatMm(press.bedWidthMm)}
              label="bed, wide"
              note={press.bedLengthMm ? `${formatMm(press.bedLengthMm)} long` : undefined}
            />
            {isZeroed(scale) && (
              <Figure
                value={zeroedAt ? saidDayOf(zeroedAt, zone) : '—'}
                label="zero set"
                note={driftWords(standing, scale)}
              />
            )}
            <Figure
              value={
                press.frameNPerMm === null ? 'rigid' : `${formatNumber(press.frameNPerMm / 1000, 1)} kN/mm`
              }
              label="frame"
              note={press.frameNPerMm === null ? 'assumed; learned at Press' : undefined}
            />
          </>
        )}
      </div>
      {standing.remarks.map((words) => (
        <p data-said key={words} className="mt-2 font-medium">
          ◆ {words}
        </p>
      ))}
      <PersonField did="At the press:" problem={problemAt(problems, 'by')} className="mt-3 max-w-64" />
      <Problems problems={problems} except={['by']} />
      <div className="mt-4 grid gap-8 xl:grid-cols-2">
        <div className="grid content-start gap-6">
          {isZeroed(scale) && <Zeroing busy={busy} onZero={() => enter({ kind: 'zeroed' })} />}
          {!isHandKind(press.kind) && (
            <ParallelCheck busy={busy} scale={scale} last={standing.strips} onCheck={enter} />
          )}
          <TestPrint busy={busy} last={standing.testPrint} onKeep={enter} />
        </div>
        <div className="grid content-start gap-6">
          <section aria-label="Upkeep">
            <h2 className="station-title">Upkeep due</h2>
            {standing.due.length === 0 && <p>Nothing is due.</p>}
            <ul>
              {standing.due.map((due) => (
                <li key={due.task} className="flex flex-wrap items-center gap-3 border-t border-line py-1">
                  <span className="min-w-48 flex-1">
                    {due.label} <span className="block text-sm text-muted">{overdueWords(due)}</span>
                  </span>
                  <Button
                    disabled={busy}
                    onClick={() => void enter({ kind: 'upkeep', task: due.task })}
                    aria-label={`Done: ${due.label}`}
                  >
                    Done
                  </Button>
                </li>
              ))}
            </ul>
          </section>
          <PressDetailsForm press={press} />
        </div>
      </div>
      <WorkedTable press={press} worked={worked} />
      <section aria-label="Log" className="mt-6 border-t border-line pt-3">
        <h2 className="station-title">Log</h2>
        {events.length === 0 && <p className="text-sm">Nothing yet.</p>}
        <ol>
          {[...events].reverse().map(({ event, at, by }) => (
            <li key={at + event.kind} className="condensed border-t border-line py-1">
              {saidDayOf(at, zone)} {eventWords(event, scale)}, {by}
            </li>
          ))}
        </ol>
      </section>
    </Panel>
  )
}
