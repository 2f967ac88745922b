'use client'

import { dryingWords, mayGoOn, TISSUE_TEST, type WaitingToDry } from '@/core/edition/dryBetween'
import { counted, plural } from '@/core/units/counted'
import { Button } from '@/ui/Button'
import { useSend } from '../bench/BenchContext'
import { problemAt } from '../bench/problemAt'
import { useAct } from '../bench/useAct'
import { PersonField } from '../person/PersonField'
import { usePerson } from '../person/usePerson'
import { Problems } from '../pull/Problems'
import { sendAct } from '../act/sendAct'
import { markDrynessAction } from './actions'

/** Sheets that wait to be dry before a run: how long they lie, the test that is asked, and the way on for who knows they are wet. */
export function DryBefore({
  position,
  name,
  drying,
}: {
  position: number
  /** of the run they wait for */
  name: string
  drying: readonly WaitingToDry[]
}) {
  const { send } = useSend()
  const person = usePerson()
  const { busy, problems, act } = useAct()
  const asked = drying.filter((waiting) => !mayGoOn(waiting))
  if (asked.length === 0) return null
  const sheets = asked.map(({ sheet }) => sheet)
  const say = (mark: 'dry' | 'wet') =>
    void act(() =>
      send((target) =>
        sendAct(markDrynessAction, {
          ...target,
          dryness: { runPosition: position, sheets, mark, by: person },
        }),
      ),
    )
  return (
    <div
      role="group"
      aria-label={`Dry before ${name}`}
      className="border-l-4 border-text bg-ground px-3 py-2 lg:col-span-4"
    >
      <p>
        <b>◆ {dryingWords(asked)}</b> {TISSUE_TEST}?
      </p>
      <div className="mt-1 flex flex-wrap items-end gap-2">
        <PersonField did="Looked at by" problem={problemAt(problems, 'dryness.by')} />
        <Button disabled={busy} onClick={() => say('dry')}>
          {plural(asked.length, 'It lifts nothing: dry', `It lifts nothing: all ${asked.length} are dry`)}
        </Button>
        <Button look="quiet" disabled={busy} onClick={() => say('wet')}>
          Go on with {counted(asked.length, 'sheet')} wet
        </Button>
      </div>
      <Problems problems={problems} except={['dryness.by']} />
    </div>
  )
}
