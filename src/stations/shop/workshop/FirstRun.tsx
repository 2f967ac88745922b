'use client'

import { Button } from '@/ui/Button'
import { sendAct } from '../../across/act/sendAct'
import { useAct } from '../../across/bench/useAct'
import { Problems } from '../../across/pull/Problems'
import { layOutSampleAction } from './actions'
import { BeginForm } from './BeginForm'
import type { BeginShelf } from './beginState'

/** The first screen of an empty workshop: the first print, said at once; beneath it the sample, for whoever wants to look round first. */
export function FirstRun({ shelf }: { shelf: BeginShelf }) {
  const { busy, problems, act } = useAct()
  return (
    <main id="work" tabIndex={-1} className="p-3 sm:p-5">
      <BeginForm shelf={shelf} title="Your first print">
        <section aria-label="Look round first" className="mt-6 border-t border-line pt-4">
          <p className="mb-2 max-w-[65ch] text-sm">
            Pull a proof, change one thing, pull again. The one to match becomes the BAT, the approved proof,
            and every print of the edition is held to it. Everything stays on this machine.
          </p>
          <Button disabled={busy} onClick={() => void act(() => sendAct(layOutSampleAction, {}))}>
            Look at the sample: an invented workshop
          </Button>
          <Problems problems={problems} />
        </section>
      </BeginForm>
    </main>
  )
}
