'use client'

import { useState } from 'react'
import type { BathCard } from '@/core/plate/bathAccount'
import type { FieldProblem } from '@/data/database/errors'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { problemAt } from '../across/bench/problemAt'
import { PersonField } from '../across/person/PersonField'
import { usePerson } from '../across/person/usePerson'
import { Problems } from '../across/pull/Problems'
import { recordBathUseAction } from './biteActions'
import { sendAct } from '../across/act/sendAct'

/** Records one plate bitten in a bath: felt or reckoned depth, or the plate's weight before and after. */
export function BathUseForm({
  bath,
  plateName,
  openAreaCm2,
}: {
  bath: BathCard
  plateName: string
  openAreaCm2: number | null
}) {
  const person = usePerson()
  const [plate, setPlate] = useState(plateName)
  const [minutes, setMinutes] = useState<number | null>(null)
  const [depth, setDepth] = useState<number | null>(null)
  const [before, setBefore] = useState<number | null>(null)
  const [after, setAfter] = useState<number | null>(null)
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const weighed = before !== null && after !== null
  const gained = weighed && after >= before
  const keep = async () => {
    const use = {
      plate,
      openAreaCm2: openAreaCm2 ?? Number.NaN,
      minutes: minutes ?? Number.NaN,
      depthMicrometres: depth,
      lossGrams: weighed ? before - after : null,
      by: person,
    }
    const answer = await sendAct(recordBathUseAction, { bathId: bath.id, use })
    setProblems(answer.ok ? [] : answer.problems)
  }
  return (
    <fieldset className="grid grid-cols-2 gap-3 border-t border-line pt-2 sm:grid-cols-3">
      <legend className="text-sm text-muted">A plate was bitten</legend>
      <TextField label="Which plate" value={plate} onText={setPlate} problem={problemAt(problems, 'plate')} />
      <NumberField
        label="Minutes in the bath"
        value={minutes}
        onValue={setMinutes}
        problem={problemAt(problems, 'minutes')}
      />
      <NumberField
        label="Depth felt"
        unit="µm"
        value={depth}
        onValue={setDepth}
        problem={problemAt(problems, 'depthMicrometres')}
      />
      <NumberField label="Plate before" unit="g" value={before} onValue={setBefore} />
      <NumberField
        label="Plate after, sludge off"
        unit="g"
        value={after}
        onValue={setAfter}
        problem={gained ? 'must be lighter than before' : problemAt(problems, 'lossGrams')}
      />
      <PersonField did="Bitten by" problem={problemAt(problems, 'by')} />
      <div className="col-span-2 sm:col-span-3">
        <Problems problems={problems} except={['plate', 'minutes', 'depthMicrometres', 'lossGrams', 'by']} />
        <Button disabled={gained} onClick={() => void keep()}>
          Save on the bath’s card
        </Button>
      </div>
    </fieldset>
  )
}
