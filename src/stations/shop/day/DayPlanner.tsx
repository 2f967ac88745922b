'use client'

import { useZone } from '@/ui/ViewerZone'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import { chanceBy, endOf, USUAL_SPREAD } from '@/core/day/chanceOfFinishing'
import {
  daySettingSchema,
  latestStart,
  planDay,
  pullsThatFit,
  whatToRelax,
  type DaySetting,
} from '@/core/day/dayPlan'
import type { LearnedCycle } from '@/core/day/learnedCycle'
import { startsNeeded } from '@/core/stats/startsNeeded'
import { formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { Field, TextField } from '@/ui/Field'
import { Figure } from '@/ui/Figure'
import { NumberField } from '@/ui/NumberField'
import { useBench, useJob } from '../../across/bench/BenchContext'
import { problemAt } from '../../across/bench/problemAt'
import { usePerson } from '../../across/bench/usePerson'
import { Problems } from '../../across/pull/Problems'
import { beginDayAction } from './actions'
import { daySpans, wallClock } from './daySpans'
import { useDayPlay } from './useDayPlay'
import { sendAct } from '../../across/act/sendAct'

const SpanChart = dynamic(() => import('@/ui/SpanChart'), {
  ssr: false,
  loading: () => <p className="h-48 text-sm text-muted">Drawing the day…</p>,
})

type Loose = { [K in keyof DaySetting]: DaySetting[K] | null }
/** Days played for the chance of finishing. */
const DAYS = 10_000

/** A moment today as the field for date and time writes it. */
function fieldMoment(hours: number, minutes: number): string {
  const now = new Date()
  const two = (n: number) => String(n).padStart(2, '0')
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}T${two(hours)}:${two(minutes)}`
}

const FIELDS: readonly (readonly [keyof DaySetting, string, string])[] = [
  ['setUpMinutes', 'Mix and warm', 'min'],
  ['inkWipeMinutes', 'Ink and wipe a plate', 'min'],
  ['pullMinutes', 'Lay, pull, peel, interleave', 'min'],
  ['soakMinutes', 'In the water', 'min'],
  ['drainMinutes', 'Drain and blot', 'min'],
  ['windowMinutes', 'Stays good covered', 'min'],
  ['tubSheets', 'Sheets the tub takes', ''],
  ['cleanUpMinutes', 'Clean up', 'min'],
]
const BOTTLENECKS = {
  wiping: 'the wiping',
  pulling: 'the press',
  tub: 'the tub: more sheets at once, or a shorter soak',
} as const

/** Plans a day from a wish: start at, or finish by. */
export function DayPlanner({ learned, onBegun }: { learned: LearnedCycle | null; onBegun: () => void }) {
  const zone = useZone()
  const bench = useBench()
  const job = useJob()
  const [person, setPerson] = usePerson()
  const left = Math.max(1, job.editionSize - job.accepted)
  const [setting, setSetting] = useState<Loose>({
    pulls: startsNeeded({
      accepted: Math.min(left, 12),
      earlierAccepted: job.accepted,
      earlierRejected: 0,
      confidence: 0.9,
    }).starts,
    setUpMinutes: 30,
    inkWipeMinutes: learned ? Math.round(learned.inkWipeMinutes * 10) / 10 : 14,
    pullMinutes: learned ? Math.round(learned.pullMinutes * 10) / 10 : 6,
    cleanUpMinutes: 25,
    soakMinutes: bench.paper?.dampMinutes ?? 30,
    drainMinutes: 4,
    windowMinutes: 40,
    tubSheets: 4,
    dryingPlaces: null,
  })
  const [wish, setWish] = useState<'start' | 'finish'>('start')
  const [startField, setStart] = useState(() => fieldMoment(9, 30))
  const [finishField, setFinish] = useState(() => fieldMoment(16, 0))
  const [pauseField, setPause] = useState({ at: '12:30', minutes: 30 as number | null })
  const [unsent, setUnsent] = useState<string | null>(null)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const parsed = daySettingSchema.safeParse(setting)
  const [wishedStart, finish] = [Date.parse(startField), Date.parse(finishField)]
  const pauseAt = Date.parse(`${startField.split('T')[0]}T${pauseField.at}`)
  const hasPause = Number.isFinite(pauseAt) && (pauseField.minutes ?? 0) > 0
  // All minutes are counted from the start of the field's day, on instants: a change of the clocks moves nothing.
  const zero = Date.parse(`${startField.split('T')[0]}T00:00`)
  const onAxis = (moment: number) => (moment - zero) / 60_000
  const breaksOn = hasPause ? [{ from: onAxis(pauseAt), to: onAxis(pauseAt) + pauseField.minutes! }] : []
  const startMinute = parsed.success
    ? wish === 'start'
      ? onAxis(wishedStart)
      : latestStart(parsed.data, onAxis(finish), breaksOn)
    : null
  const isPlanned = parsed.success && startMinute !== null && Number.isFinite(startMinute)
  const startAt = isPlanned ? new Date(zero + startMinute * 60_000).toISOString() : null
  const breaks = isPlanned
    ? breaksOn.map(({ from, to }) => ({ from: from - startMinute, to: to - startMinute }))
    : []
  const plan = isPlanned ? planDay(parsed.data, 0, breaks) : null
  const finishMinute = startAt ? (finish - Date.parse(startAt)) / 60_000 : null
  const over =
    plan && finishMinute !== null && Number.isFinite(finishMinute) ? plan.endAt - finishMinute : null
  const spread = learned?.spread ?? USUAL_SPREAD
  const play = useDayPlay(isPlanned ? { setting: parsed.data, breaks, spread, days: DAYS, seed: 1 } : null)
  const at = (field: string) =>
    parsed.success ? undefined : parsed.error.issues.find(({ path }) => path[0] === field)?.message
  const change = (patch: Partial<Loose>) => setSetting({ ...setting, ...patch })
  const write = (minutes: number) => (startAt ? wallClock(startAt, minutes, zone) : '')
  const shortOfPlaces =
    parsed.success && parsed.data.dryingPlaces !== null && parsed.data.dryingPlaces < parsed.data.pulls
  const begin = async () => {
    if (!isPlanned || !startAt) return
    const id = unsent ?? crypto.randomUUID()
    setUnsent(id)
    const answer = await sendAct(beginDayAction, {
      jobId: job.id,
      day: { id, setting: parsed.data, startAt, breaks, by: person },
    })
    setProblems(answer.ok ? [] : answer.problems)
    if (!answer.ok) return
    setUnsent(null)
    onBegun()
  }
  return (
    <div className="grid gap-6 xl:grid-cols-[22rem_minmax(0,1fr)]">
      <div className="grid content-start gap-3">
        <Choice
          label="The wish"
          value={wish}
          options={[
            ['start', 'Start at'],
            ['finish', 'Finish by, start as late as can be'],
          ]}
          onPick={setWish}
        />
        <div className="grid gap-3 sm:grid-cols-2">
          <Field label="Start at" className="sm:col-span-2">
            {(ids) => (
              <input
                {...ids}
                type="datetime-local"
                value={startField}
                disabled={wish === 'finish'}
                onChange={(event) => setStart(event.target.value)}
              />
            )}
          </Field>
          <Field
            label="Clean by"
            className="sm:col-span-2"
            problem={Number.isFinite(finish) ? undefined : 'is not a moment'}
          >
            {(ids) => (
              <input
                {...ids}
                type="datetime-local"
                value={finishField}
                onChange={(event) => setFinish(event.target.value)}
              />
            )}
          </Field>
          <NumberField
            label="Impressions"
            digits={0}
            value={setting.pulls}
            onValue={(pulls) => change({ pulls })}
            problem={at('pulls')}
          />
          <NumberField
            label="Places to dry"
            digits={0}
            value={setting.dryingPlaces}
            onValue={(dryingPlaces) => change({ dryingPlaces })}
            problem={
              at('dryingPlaces') ?? (shortOfPlaces ? `◆ ${setting.pulls} prints want a place` : undefined)
            }
            hint="empty: enough"
          />
          {FIELDS.map(([field, label, unit]) => (
            <NumberField
              key={field}
              label={label}
              unit={unit || undefined}
              value={setting[field]}
              onValue={(value) => change({ [field]: value } as Partial<Loose>)}
              problem={at(field)}
            />
          ))}
          <Field label="Break at">
            {(ids) => (
              <input
                {...ids}
                type="time"
                value={pauseField.at}
                onChange={(event) => setPause({ ...pauseField, at: event.target.value })}
              />
            )}
          </Field>
          <NumberField
            label="Break"
            unit="min"
            value={pauseField.minutes}
            onValue={(minutes) => setPause({ ...pauseField, minutes })}
            hint="0: none"
          />
        </div>
        <p className="text-sm text-muted">
          {learned
            ? `Cycle learned from ${learned.from} of this job’s own: ${formatNumber(learned.cycleMinutes, 1)} min.`
            : 'Usual times: the first pulls of this job will teach its own.'}
        </p>
      </div>
      <div className="grid min-w-0 grid-cols-1 content-start gap-5">
        {wish === 'finish' && parsed.success && startMinute === null && (
          <p role="alert" className="font-medium text-signal">
            ◆ No start of the day before reaches this end.
          </p>
        )}
        {plan && startAt && (
          <>
            <div className="flex flex-wrap gap-x-8 gap-y-3">
              {wish === 'finish' && <Figure value={write(0)} label="start at the latest" />}
              <Figure value={write(plan.sheets[0].pullAt)} label="first pull" />
              <Figure value={write(plan.printedAt)} label={`${plan.sheets.length} printed`} />
              <Figure value={write(plan.endAt)} label="clean" />
              <Figure
                value={`${formatNumber(plan.cycleMinutes, 1)} min`}
                label="a print"
                note={`bottleneck: ${BOTTLENECKS[plan.bottleneck]}`}
              />
              {finishMinute !== null && Number.isFinite(finishMinute) && (
                <Figure
                  value={pullsThatFit(parsed.data!, 0, finishMinute, breaks)}
                  label={`fit by ${write(finishMinute)}`}
                />
              )}
              {play.ends && finishMinute !== null && Number.isFinite(finishMinute) && (
                <Figure
                  value={`${formatNumber(100 * chanceBy(play.ends, finishMinute), 0)} %`}
                  label={`chance to be clean by ${write(finishMinute)}`}
                  note={`9 days in 10 end by ${write(endOf(play.ends, 0.9))}`}
                />
              )}
              {play.done !== null && (
                <p role="status" className="text-sm">
                  Playing the day {DAYS} times: {formatNumber(100 * play.done, 0)} %{' '}
                  <Button look="quiet" onClick={play.cancel}>
                    Cancel
                  </Button>
                </p>
              )}
            </div>
            {over !== null && over > 0.5 && (
              <div role="alert">
                <p className="font-medium text-signal">
                  ◆ {formatNumber(over, 0)} min too long for {write(finishMinute!)}. What would win time:
                </p>
                <ul className="list-inside list-disc text-sm">
                  {whatToRelax(parsed.data!, 0, breaks).map(({ words, winsMinutes }) => (
                    <li key={words}>
                      {words}: {formatNumber(winsMinutes, 0)} min
                    </li>
                  ))}
                </ul>
              </div>
            )}
            <SpanChart
              title="The day: plate and press above, every sheet beneath (grey: in the water; light: drained and waiting)"
              spans={daySpans(plan, parsed.data!.pullMinutes)}
              write={write}
            />
            <details className="border-t border-line">
              <summary className="min-h-11 py-2">As a list</summary>
              <table className="condensed w-full text-sm">
                <thead className="text-left text-muted">
                  <tr>
                    {['Sheet', 'In', 'Lift', 'Ink', 'Pull'].map((head) => (
                      <th key={head} scope="col" className="font-normal">
                        {head}
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {plan.sheets.map(({ sheet, inAt, liftAt, inkAt, pullAt }) => (
                    <tr key={sheet} className="border-t border-line">
                      <th scope="row" className="py-1 text-left font-normal">
                        {sheet}
                      </th>
                      {[inAt, liftAt, inkAt, pullAt].map((moment, i) => (
                        <td key={i}>{write(moment)}</td>
                      ))}
                    </tr>
                  ))}
                </tbody>
              </table>
            </details>
            <div className="grid gap-3 border-t border-line pt-3 sm:grid-cols-2">
              <TextField
                label="Who leads the day"
                value={person}
                onText={setPerson}
                problem={problemAt(problems, 'by')}
              />
              <Button look="main" className="self-end" onClick={() => void begin()}>
                Begin this day
              </Button>
            </div>
            <Problems problems={problems} except={['by']} />
          </>
        )}
      </div>
    </div>
  )
}
