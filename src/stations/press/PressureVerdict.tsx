'use client'

import { useState } from 'react'
import type { PressSetting } from '@/core/press/pressSetting'
import { middleReading } from '@/core/press/pressSetting'
import {
  PRESSURE_VERDICTS,
  learnPressure,
  type PressureVerdict as Verdict,
  type TriedPressure,
} from '@/core/press/pressureTrials'
import { Choice } from '@/ui/Choice'
import { Button } from '@/ui/Button'
import { useJob } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { useAct } from '../across/bench/useAct'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { sendAct } from '../across/act/sendAct'
import { keepPressureTrialAction } from './actions'
import { afterVerdict } from './verdictWords'

/** What the proof said of the pressure: kept, so that the next setting starts nearer, and answered with what to do now. */
export function PressureVerdict({
  press,
  suggested,
  trials,
  onSet,
  onMakeReady,
}: {
  press: PressSetting
  /** the reading the tool had named; null: none */
  suggested: number | null
  trials: readonly TriedPressure[]
  onSet: (reading: number) => void
  onMakeReady: (makeReadyMm: number) => void
}) {
  const job = useJob()
  const person = usePerson()
  const { busy, problems, act } = useAct()
  const [said, setSaid] = useState<{ verdict: Verdict; at: number; makeReadyMm: number } | null>(null)
  const { scale, makeReadyMm } = press
  const set = middleReading(press)
  const learned = learnPressure(trials, scale)
  const say = async (verdict: Verdict) => {
    const isKept = await act(() =>
      sendAct(keepPressureTrialAction, {
        pressId: press.pressId,
        jobId: job.id,
        trial: { scale, suggested, set, verdict },
        by: person,
      }),
    )
    if (isKept) setSaid({ verdict, at: set, makeReadyMm })
  }
  const isOfThis = said !== null && said.at === set && said.makeReadyMm === makeReadyMm
  const next = isOfThis ? afterVerdict(said.verdict, press, learned) : null
  return (
    <section aria-label="Pulled so" className="mt-3 border-t border-line pt-2">
      <div className="flex flex-wrap items-center gap-3">
        <span>Pulled so, the pressure was</span>
        <Choice
          label="Pulled so, the pressure was"
          value={isOfThis ? said.verdict : null}
          options={Object.entries(PRESSURE_VERDICTS).map(([key, words]) => [key as Verdict, words])}
          onPick={(verdict) => void (busy || say(verdict))}
        />
        <PersonField did="Said by" problem={problemAt(problems, 'by')} className="max-w-48" />
      </div>
      <Problems problems={problems} except={['by']} />
      {next && (
        <p data-said className="mt-2 flex flex-wrap items-center gap-3">
          {next.words}
          {next.reading !== null && <Button onClick={() => onSet(next.reading!)}>{next.act}</Button>}
          {next.makeReadyMm !== null && (
            <Button onClick={() => onMakeReady(next.makeReadyMm!)}>{next.act}</Button>
          )}
        </p>
      )}
    </section>
  )
}
