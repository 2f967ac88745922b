'use client'

import { useNow } from '@/ui/useNow'
import { clock } from '@/core/units/clock'
import { saidDayOf } from '@/core/units/moment'
import { useZone } from '@/ui/ViewerZone'
import { isSameName } from '@/core/units/byName'
import { useEffect, useRef, useState } from 'react'
import { TriangleAlert } from 'lucide-react'
import { HAZARDS } from '@/core/plate/hazards'
import { readMaking, type Making, type MakingEvent } from '@/core/plate/making'
import { MAKING_METHODS } from '@/core/plate/makingMethod'
import { formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { Check } from '@/ui/Check'
import { TextField } from '@/ui/Field'
import { useChime } from '@/ui/useChime'
import { CAUTION_POINTER } from '../across/bench/cautions'
import { problemAt } from '../across/bench/problemAt'
import { Problems } from '../across/pull/Problems'
import { addMakingEventAction } from './roomActions'
import { sendAct } from '../across/act/sendAct'
import { PersonField } from '../across/person/PersonField'

const STANDINGS = { waiting: 'to do', running: 'now', done: 'done', skipped: 'left out' } as const

/** A step that runs longer than this was left open overnight: its clock says since when instead, s. */
const LONGEST_S = 12 * 3600

/** Seconds since a moment, by a clock that ticks while it is wanted. */
function useElapsed(since: string | null): number {
  const [now] = useNow(since ? 250 : null)
  return since ? Math.max(0, (now - Date.parse(since)) / 1000) : 0
}

/** One plate being made: the step at hand large, its caution and its way out beside it, and all that was done kept as it happens. */
export function MakingRun({ making, person }: { making: Making; person: string }) {
  const zone = useZone()
  const standing = readMaking(making)
  const { procedure } = making
  const [picked, setPicked] = useState<string | null>(null)
  const [note, setNote] = useState('')
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const [busy, setBusy] = useState(false)
  const openId = standing.running ?? picked ?? standing.next
  const step = procedure.steps.find(({ id }) => id === openId)
  const at = standing.steps.find(({ id }) => id === openId)
  const isRunning = at?.standing === 'running'
  const elapsed = useElapsed(isRunning ? at.begunAt : null)
  const { ring, isOn, setOn } = useChime()
  const rung = useRef<string | null>(null)
  useEffect(() => {
    // Once a round: when its usual time is over.
    if (
      !isRunning ||
      !step ||
      step.minutes === 0 ||
      elapsed < step.minutes * 60 ||
      rung.current === at.begunAt
    )
      return
    rung.current = at.begunAt
    ring()
  })
  const say = async (kind: MakingEvent['kind'], stepId: string) => {
    setBusy(true)
    const sent = note
    const answer = await sendAct(addMakingEventAction, {
      makingId: making.id,
      event: { kind, stepId, note: sent.trim() },
      by: person,
    })
    setBusy(false)
    setProblems(answer.ok ? [] : answer.problems)
    if (!answer.ok) return
    // What was typed while the answer was on its way stays.
    setNote((now) => (now === sent ? '' : now))
    setPicked(null)
  }
  const left = step ? step.minutes * 60 - elapsed : 0
  const big = 'min-h-22 flex-1 justify-center text-xl'
  return (
    <div className="grid gap-6 xl:grid-cols-[minmax(0,1fr)_20rem]">
      <section aria-label="Step at hand">
        <p className="text-sm text-muted">
          {procedure.name}
          {!isSameName(procedure, { name: MAKING_METHODS[procedure.method].label })
            ? ` (${MAKING_METHODS[procedure.method].label.toLowerCase()})`
            : ''}
          , begun {saidDayOf(making.startedAt, zone)} by {making.by}
        </p>
        {!step && (
          <>
            <p data-answer className="answer mt-1">
              The plate is made: ready to ink
            </p>
            <p className="mt-2">
              Set its size, thickness and kind on the page Plate, if that is not done yet; known flaws become
              watch spots in States and wear.
            </p>
          </>
        )}
        {step && at && (
          <>
            <h2 data-answer className="answer mt-1">
              {step.title}
            </h2>
            {step.hazard && (
              <aside
                aria-label="Caution"
                className="my-3 flex items-center gap-3 border-l-4 border-text bg-raised py-2 pl-3"
              >
                <TriangleAlert size={20} aria-hidden className="shrink-0" />
                <p className="text-sm">
                  {HAZARDS[step.hazard]} <span className="text-muted">{CAUTION_POINTER}</span>
                </p>
              </aside>
            )}
            <p className="mt-2 text-xl">{step.how}</p>
            {step.needs.length > 0 && (
              <p className="mt-1 text-sm text-muted">Needs: {step.needs.join(', ')}</p>
            )}
            {(isRunning || step.minutes > 0) && (
              <p
                className="far-number mt-4 text-7xl"
                role="timer"
                aria-label={isRunning ? 'Time of this step' : 'Usual time of this step'}
              >
                {isRunning
                  ? elapsed > LONGEST_S
                    ? 'Running'
                    : clock(step.minutes > 0 ? left : elapsed)
                  : clock(step.minutes * 60)}
                <span className="ml-3 text-xl font-normal">
                  {isRunning
                    ? elapsed > LONGEST_S
                      ? `since ${saidDayOf(at.begunAt!, zone)}`
                      : step.minutes > 0
                        ? left >= 0
                          ? 'left'
                          : 'over'
                        : 'so far'
                    : 'usually'}
                </span>
              </p>
            )}
            {step.check && (
              <p className="mt-4 border-t border-line pt-2 text-lg">
                <b>Before going on:</b> {step.check}
              </p>
            )}
            {step.rescues.length > 0 && (
              <details className="mt-1" open={at.failed}>
                <summary className="min-h-11 py-2">Troubleshooting</summary>
                <ul className="list-inside list-disc">
                  {step.rescues.map((rescue) => (
                    <li key={rescue} className="py-1">
                      {rescue}
                    </li>
                  ))}
                </ul>
              </details>
            )}
            <TextField
              label="Note, if there is anything"
              value={note}
              onText={setNote}
              className="mt-3 max-w-xl"
              problem={problemAt(problems, 'event.note')}
            />
            <div className="mt-4 flex flex-wrap gap-3">
              {isRunning ? (
                <>
                  <Button
                    look="main"
                    className={big}
                    disabled={busy}
                    onClick={() => void say('done', step.id)}
                  >
                    {step.check ? 'It is so: done' : 'Done'}
                  </Button>
                  {step.check && (
                    <Button className={big} disabled={busy} onClick={() => void say('failed', step.id)}>
                      It is not so
                    </Button>
                  )}
                </>
              ) : (
                <Button
                  look="main"
                  className={big}
                  disabled={busy}
                  onClick={() => void say('begun', step.id)}
                >
                  {at.rounds > 0 ? 'Begin again' : 'Begin'}
                </Button>
              )}
              <Button className={big} disabled={busy} onClick={() => void say('skipped', step.id)}>
                Leave it out
              </Button>
            </div>
          </>
        )}
        <Problems problems={problems} except={['by', 'event.note']} />
        <Check label="Sound when a step’s time is over" checked={isOn} onCheck={setOn} className="mt-3" />
        <PersonField did="Made by" problem={problemAt(problems, 'by')} className="mt-4 max-w-xs" />
      </section>
      <ol aria-label="Steps of the making" className="condensed self-start border-t border-line">
        {standing.steps.map(({ id, standing: how, rounds, minutesTaken, notes, failed }, i) => (
          <li key={id} className={`border-b border-line py-1 ${id === openId ? 'font-bold' : ''}`}>
            <div className="flex flex-wrap items-center justify-between gap-x-2">
              <span className="min-w-0 flex-1">
                {i + 1}. {procedure.steps[i].title}
              </span>
              {id !== openId && !standing.running && (
                <Button
                  look="quiet"
                  className="!px-1 text-sm"
                  onClick={() => setPicked(id)}
                  aria-label={`${how === 'waiting' ? 'Go to' : 'Do again:'} ${procedure.steps[i].title}`}
                >
                  {how === 'waiting' ? 'Open step' : 'Do it again'}
                </Button>
              )}
              <span className="text-sm">
                {failed ? '◆ check failed' : STANDINGS[how]}
                {minutesTaken > 0 && `, ${formatNumber(minutesTaken, 1)} min`}
                {rounds > 1 && `, ${rounds} times`}
              </span>
            </div>
            {notes.map((text, n) => (
              <p key={n} className="text-sm font-normal text-muted">
                {text}
              </p>
            ))}
          </li>
        ))}
      </ol>
    </div>
  )
}
