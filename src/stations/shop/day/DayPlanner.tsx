'use client'

import { useState } from 'react'
import { USUAL_SPREAD } from '@/core/day/chanceOfFinishing'
import type { LearnedCycle } from '@/core/day/learnedCycle'
import { formatNumber } from '@/core/units/length'
import type { FieldProblem } from '@/data/database/errors'
import { Answer } from '@/ui/Answer'
import { Button } from '@/ui/Button'
import { MainAct } from '@/ui/MainAct'
import { usePatched } from '@/ui/usePatched'
import { Misfits } from '../../across/bench/Misfits'
import { useNeed } from '../../across/bench/useNeed'
import { wantedWords } from '../../across/bench/wantedWords'
import { useZone } from '@/ui/ViewerZone'
import { sendAct } from '../../across/act/sendAct'
import { useBench, useJob } from '../../across/bench/BenchContext'
import { problemAt } from '../../across/bench/problemAt'
import { PersonField } from '../../across/person/PersonField'
import { usePerson } from '../../across/person/usePerson'
import { Problems } from '../../across/pull/Problems'
import { beginDayAction } from './actions'
import { dayAnswer } from './answers'
import { DayFigures, DayList, DayTooLong } from './DayFigures'
import { daySpans, wallClock } from './daySpans'
import { readDayWish, usualWish, type WishedDay } from './dayWish'
import { DayWishFields } from './DayWishFields'
import { useDayPlay } from './useDayPlay'
import { SpanChart } from '@/ui/SpanChart'

/** Days played for the chance of finishing. */
const DAYS = 10_000

/** Begins the day that is planned; one that was asked for twice is begun once. */
function BeginDay({ day, onBegun }: { day: WishedDay; onBegun: () => void }) {
  const job = useJob()
  const person = usePerson()
  const [unsent, setUnsent] = useState<string | null>(null)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const begin = async () => {
    const id = unsent ?? crypto.randomUUID()
    setUnsent(id)
    const { setting, startAt, breaks } = day
    const answer = await sendAct(beginDayAction, {
      jobId: job.id,
      day: { id, setting, startAt, breaks, by: person },
    })
    setProblems(answer.ok ? [] : answer.problems)
    if (!answer.ok) return
    setUnsent(null)
    onBegun()
  }
  return (
    <>
      <div className="grid gap-3 border-t border-line pt-3 sm:grid-cols-2">
        <PersonField did="Led by" problem={problemAt(problems, 'by')} />
        <MainAct>
          <Button look="main" className="self-end" onClick={() => void begin()}>
            Start the day
          </Button>
        </MainAct>
      </div>
      <Problems problems={problems} except={['by']} />
    </>
  )
}

/** Plans a day from a wish: start at, or finish by. */
export function DayPlanner({ learned, onBegun }: { learned: LearnedCycle | null; onBegun: () => void }) {
  const zone = useZone()
  const { paper } = useBench()
  const need = useNeed()
  const [wish, change] = usePatched(() =>
    usualWish({ pullsToCome: need.pulls, dampMinutes: paper?.dampMinutes ?? null }, learned, new Date()),
  )
  const read = readDayWish(wish)
  const day = read === 'no-start' ? null : read
  const spread = learned?.spread ?? USUAL_SPREAD
  const play = useDayPlay(day && { setting: day.setting, breaks: day.breaks, spread, days: DAYS, seed: 1 })
  const write = (minutes: number) => (day ? wallClock(day.startAt, minutes, zone) : '')
  return (
    <>
      <Answer {...dayAnswer(day, { isLatest: wish.given === 'finish', ends: play.ends, write })} />
      <div className="grid gap-6 xl:grid-cols-[22rem_minmax(0,1fr)]">
        <div className="grid content-start gap-3">
          <DayWishFields wish={wish} change={change} />
          <p className="text-sm text-muted">
            {learned
              ? `Cycle learned from ${learned.from} of this job’s own: ${formatNumber(learned.cycleMinutes, 1)} min.`
              : 'Usual times: the first pulls of this job will teach its own.'}
          </p>
          <p className="text-sm">
            <b data-figure="pulls-to-come">{need.pulls}</b> {wantedWords(need)}.
          </p>
          <Misfits />
        </div>
        <div className="grid min-w-0 grid-cols-1 content-start gap-5">
          {day && (
            <>
              <DayFigures
                day={day}
                isLatest={wish.given === 'finish'}
                play={play}
                days={DAYS}
                write={write}
              />
              <DayTooLong day={day} />
              <SpanChart
                title="The day: plate and press above, every sheet beneath (grey: in the water; light: drained and waiting)"
                spans={daySpans(day.plan, day.setting.pullMinutes)}
                write={write}
              />
              <DayList plan={day.plan} write={write} />
              <BeginDay day={day} onBegun={onBegun} />
            </>
          )}
        </div>
      </div>
    </>
  )
}
