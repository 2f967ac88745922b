'use client'

import { useState } from 'react'
import type { NumberedImpression, Signing, SortedImpression } from '@/core/dry/numbering'
import { purposeFacts } from '@/core/prove/purpose'
import { counted, plural } from '@/core/units/counted'
import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { useJob, useSend } from '../across/bench/BenchContext'
import type { useAct } from '../across/bench/useAct'
import { sendAct } from '../across/act/sendAct'
import { giveNumbersAction } from './actions'

/** Gives the sorted prints their marks, once it was asked: after that no more is pulled. */
export function NumberPrints({
  numbered,
  sorted,
  signing,
  isReady,
  running: { busy, act },
}: {
  numbered: readonly NumberedImpression[]
  sorted: readonly SortedImpression[]
  signing: Signing
  /** nothing stands in the way */
  isReady: boolean
  running: ReturnType<typeof useAct>
}) {
  const { purpose } = useJob()
  const { send } = useSend()
  const [asking, setAsking] = useState(false)
  const { asksBat, asksSize } = purposeFacts(purpose)
  const words = asksBat ? 'Number the edition' : 'Mark the prints'
  const give = () =>
    act(() =>
      send((target) =>
        sendAct(giveNumbersAction, { ...target, numbering: { ...signing, sorted: [...sorted] } }),
      ),
    )
  return (
    <Dialog
      title={`${words}?`}
      open={asking}
      onOpenChange={setAsking}
      trigger={
        <Button look={isReady ? 'main' : 'plain'} disabled={!isReady}>
          {words}…
        </Button>
      }
    >
      <p>
        {counted(numbered.length, 'impression')} {plural(numbered.length, 'gets its mark', 'get their marks')}
        , and the job is closed: no more pulls, no other numbers.
      </p>
      <p className="mt-2 font-semibold">{numbered.map(({ mark }) => mark).join(', ')}</p>
      <Button
        look="main"
        className="mt-4"
        disabled={busy}
        onClick={() => void give().then(() => setAsking(false))}
      >
        {asksSize === null ? 'Mark' : 'Number'} {counted(numbered.length, 'impression')}
      </Button>
    </Dialog>
  )
}
