'use client'

import { Button } from '@/ui/Button'
import { Dialog } from '@/ui/Dialog'
import { sendAct } from '../../across/act/sendAct'
import { useAct } from '../../across/bench/useAct'
import { Problems } from '../../across/pull/Problems'
import { takeSampleAwayAction } from './actions'

/** Says that the sample lies in this workshop, and takes it away. */
export function SampleLine() {
  const { busy, problems, act } = useAct()
  return (
    <section aria-label="Sample" className="mt-4 border-t border-line pt-2 text-sm">
      <p>The invented sample is in this workshop.</p>
      <Dialog
        title="Take the sample away"
        trigger={
          <Button look="quiet" className="-ml-4">
            Take the sample away…
          </Button>
        }
      >
        <p className="max-w-[50ch]">
          Its four jobs go with all that was done on them, and its inks, papers, presses and pictures where no
          job of yours uses them. Your own jobs stay. This cannot be taken back, but by a backup.
        </p>
        <Problems problems={problems} />
        <p className="mt-4">
          <Button disabled={busy} onClick={() => void act(() => sendAct(takeSampleAwayAction, {}))}>
            {busy ? 'Taking it away…' : 'Take it away'}
          </Button>
        </p>
      </Dialog>
    </section>
  )
}
