'use client'

import type { NumberedImpression, Signing, SortedImpression } from '@/core/dry/numbering'
import { purposeFacts } from '@/core/prove/purpose'
import { counted } from '@/core/units/counted'
import { Button } from '@/ui/Button'
import { useJob, useSend } from '../across/bench/BenchContext'
import type { useAct } from '../across/bench/useAct'
import { sendAct } from '../across/act/sendAct'
import { giveNumbersAction } from './actions'

/** Where it is said what comes of numbering. */
export const NUMBERING_NOTE = 'numbering-note'

/** Gives the sorted prints the marks they lie under: after that no more is pulled, until it is undone. */
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
  const { asksSize } = purposeFacts(purpose)
  const give = () =>
    act(() =>
      send((target) =>
        sendAct(giveNumbersAction, { ...target, numbering: { ...signing, sorted: [...sorted] } }),
      ),
    )
  return (
    <Button
      look={isReady ? 'main' : 'plain'}
      disabled={!isReady || busy}
      aria-describedby={NUMBERING_NOTE}
      onClick={() => void give()}
    >
      {asksSize === null ? 'Mark' : 'Number'} {counted(numbered.length, 'impression')}
    </Button>
  )
}
