'use client'

import { formatFine } from '@/core/units/quantity'
import { counted } from '@/core/units/counted'
import { useState } from 'react'
import type { CarriedOver } from '@/core/press/carryOver'
import { formatTurns } from '@/core/press/pressSetting'
import {
  learnPressure,
  PRESSURE_VERDICTS,
  turnsForVerdict,
  type PressureTrial,
  type PressureVerdict,
} from '@/core/press/pressureTrials'
import { formatNumber } from '@/core/units/length'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { useBench, useJob } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { useAct } from '../across/bench/useAct'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { keepPressureTrialAction } from './actions'
import { sendAct } from '../across/act/sendAct'

/** Screws are read to an eighth of a turn. */
const EIGHTHS = 8
const toEighth = (turns: number) => Math.round(turns * EIGHTHS) / EIGHTHS

interface CarryOverProps {
  onSet: (turns: number) => void
  onMakeReady: (makeReadyMm: number) => void
  /** null: nothing is otherwise than at the BAT */
  carried: CarriedOver | null
  /** what was tried on the press of the bench */
  trials: readonly PressureTrial[]
}

/** Where something under the roller is not as it was at the BAT: the turns that give the same squeeze, and how sure that is. */
export function CarryOver({ onSet, onMakeReady, carried, trials }: CarryOverProps) {
  const bench = useBench()
  if (!carried) return null
  if (!carried.ok) {
    return (
      <div
        role="status"
        className="mt-3 flex flex-wrap items-center gap-x-4 gap-y-2 border-l-4 border-text bg-raised p-3"
      >
        <p className="min-w-56 flex-1">
          <b>◆ {carried.changed.join(', ')}:</b> the BAT’s squeeze {carried.message}.
        </p>
        {carried.makeReadyMm !== null && (
          <Button onClick={() => onMakeReady(carried.makeReadyMm!)}>
            Lay {formatFine(carried.makeReadyMm, 2)} of make-ready
          </Button>
        )}
      </div>
    )
  }
  const press = bench.press!
  const learned = learnPressure(trials, press.mmPerTurn)
  const wanted = carried.turns + (learned.trials > 0 ? learned.correctionTurns : 0)
  const turns = Math.max(0, toEighth(wanted))
  const stand = (press.readingLeft + press.readingRight) / 2
  const by = turns - stand
  // Before any trial the press itself is the doubt: what is believed of it from memory belongs in as well.
  const sure = Math.hypot(carried.sdTurns, learned.sdTurns)
  return (
    <div role="status" className="mt-3 border-l-4 border-text bg-raised p-3">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <p className="min-w-56 flex-1">
          <b>{carried.changed.join(', ')}:</b> the BAT’s squeeze is at <b>{formatTurns(turns)}</b> ±{' '}
          {formatNumber(sure, 2)}, gap {formatFine(turns * press.mmPerTurn, 2)}
          {Math.abs(by) < 0.5 / EIGHTHS
            ? ': as it stands.'
            : `, ${formatTurns(Math.abs(by))} ${by < 0 ? 'tighter' : 'looser'} than it stands.`}
          <span className="block text-sm text-muted">
            An estimate; least sure is {carried.mostFrom}.
            {learned.trials > 0
              ? ` This press’s ${counted(learned.trials, 'trial has', 'trials have')} moved it by ${formatNumber(learned.correctionTurns, 2)} turns.`
              : ' Nothing was tried on this press yet, and most of the doubt is that.'}
          </span>
        </p>
        {Math.abs(by) >= 0.5 / EIGHTHS && <Button onClick={() => onSet(turns)}>Set both screws so</Button>}
      </div>
      <Verdict
        pressId={press.pressId}
        trial={{ suggestedTurns: carried.turns, setTurns: stand, mmPerTurn: press.mmPerTurn }}
        trials={trials}
        onSet={onSet}
      />
    </div>
  )
}

/** Trials from which a press is said to have a usual of its own. */
const USUAL_FROM = 3

/** What the proof said of the pressure: kept, so that the next setting starts nearer, and answered with what to do now. */
function Verdict({
  pressId,
  trial,
  trials,
  onSet,
}: {
  pressId: string
  trial: Omit<PressureTrial, 'verdict'>
  trials: readonly PressureTrial[]
  onSet: (turns: number) => void
}) {
  const job = useJob()
  const person = usePerson()
  const { busy, problems, act } = useAct()
  const [said, setSaid] = useState<{ verdict: PressureVerdict; at: number } | null>(null)
  const learned = learnPressure(trials, trial.mmPerTurn)
  const say = async (verdict: PressureVerdict) => {
    if (
      await act(() =>
        sendAct(keepPressureTrialAction, {
          pressId,
          jobId: job.id,
          trial: { ...trial, verdict },
          by: person,
        }),
      )
    )
      setSaid({ verdict, at: trial.setTurns })
  }
  const by = said ? turnsForVerdict(said.verdict, learned) : 0
  const next = said ? Math.max(0, toEighth(said.at - by)) : 0
  return (
    <div className="mt-2 border-t border-line pt-2">
      <div className="flex flex-wrap items-center gap-3">
        <span>Pulled so, the pressure was</span>
        <Choice
          label="Pulled so, the pressure was"
          value={said?.at === trial.setTurns ? said.verdict : null}
          options={Object.entries(PRESSURE_VERDICTS).map(([key, words]) => [key as PressureVerdict, words])}
          onPick={(verdict) => void (busy || say(verdict))}
        />
        <PersonField did="Said by" problem={problemAt(problems, 'by')} className="max-w-48" />
      </div>
      <Problems problems={problems} except={['by']} />
      {said?.at === trial.setTurns && (
        <p className="mt-2 flex flex-wrap items-center gap-3">
          {by === 0 ? (
            'Saved: this is the setting.'
          ) : (
            <>
              “{PRESSURE_VERDICTS[said.verdict]}”{' '}
              {learned.trials >= USUAL_FROM
                ? `usually was ${formatNumber(Math.abs(by), 2)} turns ${by > 0 ? 'too loose' : 'too tight'} here.`
                : `is about ${formatNumber(Math.abs(by), 2)} turns ${by > 0 ? 'too loose' : 'too tight'}, typically; this press will teach its own.`}{' '}
              <Button onClick={() => onSet(next)}>Set both to {formatTurns(next)}</Button>
            </>
          )}
        </p>
      )}
    </div>
  )
}
