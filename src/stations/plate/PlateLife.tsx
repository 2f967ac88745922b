import { useState } from 'react'
import { canBeFaced, type LastingPlate } from '@/core/plate/plateLife'
import type { Facing } from '@/core/plate/plateState'
import { saidDayOf } from '@/core/units/moment'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { Figure } from '@/ui/Figure'
import { useZone } from '@/ui/ViewerZone'
import { useJob } from '../across/bench/BenchContext'
import { problemAt } from '../across/bench/problemAt'
import { useAct } from '../across/bench/useAct'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { sendAct } from '../across/act/sendAct'
import { addFacingAction } from './roomActions'

/** What a plate has printed, and its steel facings. */
export function PlateLife({
  plate,
  pulls,
  facings,
}: {
  plate: LastingPlate
  pulls: number
  facings: Facing[]
}) {
  const zone = useZone()
  const job = useJob()
  const person = usePerson()
  const [note, setNote] = useState('')
  const { busy, problems, act } = useAct()
  const face = async () => {
    if (await act(() => sendAct(addFacingAction, { jobId: job.id, by: person, note }))) setNote('')
  }
  return (
    <section aria-label="Plate life" className="grid gap-3">
      <h2 className="station-title">Plate life</h2>
      <Figure name="pulls-so-far" value={pulls} label="pulls so far" />
      {facings.map(({ at, by, afterPulls, note: said }) => (
        <p key={at} className="text-sm">
          Steel-faced {saidDayOf(at, zone)} after {afterPulls} pulls, entered by {by}
          {said && `: ${said}`}.
        </p>
      ))}
      {canBeFaced(plate.kind) && (
        <details className="border-t border-line">
          <summary className="min-h-11 py-2">Record a steel-facing…</summary>
          <div className="grid gap-3">
            <TextField
              label="Note on the facing"
              value={note}
              onText={setNote}
              problem={problemAt(problems, 'note')}
            />
            <PersonField problem={problemAt(problems, 'by')} />
            <Problems problems={problems} except={['note', 'by']} />
            <Button disabled={busy} onClick={() => void face()}>
              Record steel-facing
            </Button>
          </div>
        </details>
      )}
    </section>
  )
}
