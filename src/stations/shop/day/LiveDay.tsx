'use client'

import { useNow } from '@/ui/useNow'
import { useZone } from '@/ui/ViewerZone'
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react'
import { clock } from '@/core/units/clock'
import { planDay, type SheetFacts } from '@/core/day/dayPlan'
import type { BlotToRoller, DayEvent, KeptDay } from '@/core/day/keptDay'
import { ACT_WORDS, actsToCome, type DayAct } from '@/core/day/nextActs'
import type { FieldProblem } from '@/data/database/errors'
import { Button, buttonClass } from '@/ui/Button'
import { Check } from '@/ui/Check'
import { Figure } from '@/ui/Figure'
import { useChime } from '@/ui/useChime'
import { useJob } from '../../across/bench/BenchContext'
import { problemAt } from '../../across/bench/problemAt'
import { PersonField } from '../../across/person/PersonField'
import { usePerson } from '../../across/person/usePerson'
import { Problems } from '../../across/pull/Problems'
import { addDayEventAction, takeDayEventBackAction } from './actions'
import { daySpans, wallClock } from './daySpans'
import { sendAct } from '../../across/act/sendAct'
import { SpanChart } from '@/ui/SpanChart'

/** Acts shown at once. */
const SHOWN = 5
const BUTTON: Record<DayEvent['kind'], (sheet: number) => string> = {
  in: (sheet) => `Sheet ${sheet} is in`,
  lift: (sheet) => `Sheet ${sheet} is lifted`,
  blot: (sheet) => `Sheet ${sheet} is blotted`,
  pull: (sheet) => `Pulled ${sheet}`,
}

/** What happened on a day so far: facts of each sheet, which are blotted, and how long from there to the roller. */
export interface DayFacts {
  facts: SheetFacts[]
  blotted: number[]
  toRoller: BlotToRoller[]
}

/** The day as it is lived: what is due now in large type, the rest moved by what really happened. */
export function LiveDay({ day, drying }: { day: KeptDay & DayFacts; drying: ReactNode }) {
  const zone = useZone()
  const job = useJob()
  const person = usePerson()
  const [now] = useNow(500)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const [busy, setBusy] = useState(false)
  const { ring, isOn, setOn } = useChime()
  const rung = useRef('')
  const minute = (now - Date.parse(day.startAt)) / 60_000
  const plan = planDay(day.setting, 0, day.breaks, day.facts, Math.max(0, minute))
  const acts = actsToCome(plan).filter(
    (act): act is DayAct & { kind: Exclude<DayAct['kind'], 'ink'> } => act.kind !== 'ink',
  )
  const [next] = acts
  const secondsTo = (act: DayAct) => Math.round((act.at - minute) * 60)
  const isDue = next !== undefined && secondsTo(next) <= 0
  useEffect(() => {
    const due = next && isDue ? `${next.kind} ${next.sheet}` : ''
    if (!due || rung.current === due) return
    rung.current = due
    ring()
  })
  const send = async (act: () => Promise<{ ok: true } | { ok: false; problems: FieldProblem[] }>) => {
    setBusy(true)
    const answer = await act()
    setBusy(false)
    setProblems(answer.ok ? [] : answer.problems)
  }
  const did = ({ kind, sheet }: Pick<DayEvent, 'kind' | 'sheet'>) =>
    send(() =>
      sendAct(addDayEventAction, {
        dayId: day.id,
        event: { kind, sheet, at: new Date().toISOString() },
        by: person,
      }),
    )
  const pulled = plan.sheets.filter(({ standing }) => standing === 'pulled').length
  const toBlot = day.facts.find(
    ({ sheet, liftedAt, pulledAt }) => liftedAt !== null && pulledAt === null && !day.blotted.includes(sheet),
  )
  const stale = plan.sheets.filter(({ isStale }) => isStale)
  const write = (minutes: number) => wallClock(day.startAt, minutes, zone)
  // The chart is redrawn by the minute, not with every tick of the clock: drawing it is the heaviest thing here.
  const wholeMinute = Math.floor(minute)
  const drawn = useMemo(() => {
    const spans = daySpans(
      planDay(day.setting, 0, day.breaks, day.facts, Math.max(0, wholeMinute)),
      day.setting.pullMinutes,
    )
    return (
      <SpanChart
        title="The day as it goes"
        spans={spans}
        write={(minutes) => wallClock(day.startAt, minutes, zone)}
        now={wholeMinute}
      />
    )
  }, [day, wholeMinute, zone])
  // Each kind of act has its own first one: the tub does not wait for the press.
  const open = (['in', 'lift', 'pull'] as const).flatMap(
    (kind) => acts.find((act) => act.kind === kind) ?? [],
  )
  return (
    <div className="grid gap-6">
      <section
        data-said
        aria-label="What is due"
        data-occasion={next ? `${next.kind} ${next.sheet} ${isDue}` : ''}
      >
        {next ? (
          <>
            <p data-answer className="answer">
              {ACT_WORDS[next.kind](next.sheet)}
              {isDue ? ' now' : ` in ${clock(secondsTo(next))}`}
            </p>
            <p className="mt-2 text-xl">{isDue ? `due since ${write(next.at)}` : `at ${write(next.at)}`}</p>
          </>
        ) : (
          <p data-answer className="answer">
            Every sheet is pulled
          </p>
        )}
      </section>
      <div className="flex flex-wrap gap-3">
        {open.map((act) => (
          <Button
            key={act.kind}
            look={act === next ? 'main' : 'plain'}
            className="min-h-22 flex-1 justify-center text-xl"
            disabled={busy}
            onClick={() => void did(act)}
          >
            {BUTTON[act.kind](act.sheet)}
          </Button>
        ))}
        {toBlot && (
          <Button
            className="min-h-22 flex-1 justify-center text-xl"
            disabled={busy}
            onClick={() => void did({ kind: 'blot', sheet: toBlot.sheet })}
          >
            {BUTTON.blot(toBlot.sheet)}
          </Button>
        )}
        <Button
          className="min-h-22 flex-1 justify-center text-xl"
          disabled={busy || day.facts.length === 0}
          onClick={() => void send(() => sendAct(takeDayEventBackAction, { dayId: day.id }))}
        >
          Take back
        </Button>
      </div>
      <div className="flex flex-wrap items-center gap-x-8 gap-y-3">
        <Figure value={`${pulled} of ${plan.sheets.length}`} label="pulled" />
        <Figure value={write(plan.printedAt)} label="all printed" />
        <Figure value={write(plan.endAt)} label="clean" />
        <Check label="Ring when something is due" checked={isOn} onCheck={setOn} />
        <a href={`/jobs/${job.slug}/paper/day/plan.ics`} className={buttonClass()} download>
          Into a calendar (.ics)
        </a>
        <PersonField did="At tub and press:" problem={problemAt(problems, 'by')} className="w-56" />
      </div>
      <Problems problems={problems} except={['by']} />
      {stale.length > 0 && (
        <p role="alert" className="font-medium text-signal">
          ◆ {stale.map(({ sheet }) => `Sheet ${sheet}`).join(', ')} will have waited longer than{' '}
          {day.setting.windowMinutes} min: weigh, and damp again if need be.
        </p>
      )}
      <ol aria-label="Next" className="condensed border-t border-line">
        {acts.slice(0, SHOWN).map((act) => (
          <li key={`${act.kind} ${act.sheet}`} className="flex justify-between border-b border-line py-1">
            <span>{ACT_WORDS[act.kind](act.sheet)}</span>
            <span>{write(act.at)}</span>
          </li>
        ))}
      </ol>
      {drawn}
      <table className="condensed w-full text-sm">
        <caption className="text-left font-semibold">Time in the water</caption>
        <tbody>
          <tr className="flex flex-wrap gap-x-4">
            {day.facts
              .filter(({ inAt, liftedAt }) => inAt !== null && liftedAt !== null)
              .map(({ sheet, inAt, liftedAt }) => (
                <td key={sheet}>
                  Sheet {sheet}: {clock(Math.round((liftedAt! - inAt!) * 60))}
                </td>
              ))}
          </tr>
        </tbody>
      </table>
      {day.toRoller.length > 0 && (
        <p className="condensed text-sm">
          <b>From blotted to the roller</b>{' '}
          {day.toRoller
            .map(({ sheet, minutes }) => `Sheet ${sheet}: ${clock(Math.round(minutes * 60))}`)
            .join(', ')}
        </p>
      )}
      {drying}
    </div>
  )
}
