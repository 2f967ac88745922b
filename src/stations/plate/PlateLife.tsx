import { capital } from '@/core/units/capital'
import { useState } from 'react'
import {
  canBeFaced,
  costOfAProof,
  describePlateLife,
  plateLife,
  type LastingPlate,
  type PlateHistory,
} from '@/core/plate/plateLife'
import type { Facing } from '@/core/plate/plateState'
import { dayOf } from '@/core/units/moment'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { Figure } from '@/ui/Figure'
import { Sum } from '@/ui/Sum'
import { useZone } from '@/ui/ViewerZone'
import { useJob } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { useAct } from '../across/bench/useAct'
import { usePerson } from '../across/bench/usePerson'
import { Problems } from '../across/pull/Problems'
import { sendAct } from '../across/act/sendAct'
import { LIFE_BY, lifeRows } from './plateStates'
import { addFacingAction } from './roomActions'

/** What life a plate has left and what that goes by, and its steel facings. */
export function PlateLife({
  plate,
  pulls,
  facings,
  history,
}: {
  plate: LastingPlate
  pulls: number
  facings: Facing[]
  history: PlateHistory
}) {
  const zone = useZone()
  const job = useJob()
  const [person, setPerson] = usePerson()
  const [note, setNote] = useState('')
  const { busy, problems, act } = useAct()
  const life = plateLife(plate, pulls, history)
  const proof = costOfAProof(life)
  const face = async () => {
    if (await act(() => sendAct(addFacingAction, { jobId: job.id, by: person, note }))) setNote('')
  }
  return (
    <section aria-label="Plate life" className="grid gap-3">
      <h2 className="station-title">Plate life</h2>
      <Sum rows={lifeRows(plate, life, history)}>
        <b data-figure="plate-life">{capital(describePlateLife(life))}</b>, by {LIFE_BY[life.by]}.
      </Sum>
      {proof && <p>◆ {capital(proof)}.</p>}
      <Figure name="pulls-so-far" value={pulls} label="pulls so far" />
      {facings.map(({ at, by, afterPulls, note: said }) => (
        <p key={at} className="text-sm">
          Steel faced {dayOf(at, zone)} after {afterPulls} pulls, entered by {by}
          {said && `: ${said}`}.
        </p>
      ))}
      {canBeFaced(plate.kind) && (
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
            <Button disabled={busy} onClick={() => void face()}>
              Note the facing now
            </Button>
          </div>
        </details>
      )}
    </section>
  )
}
