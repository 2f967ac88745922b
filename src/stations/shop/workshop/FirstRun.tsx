'use client'

import Link from 'next/link'
import { Button, buttonClass } from '@/ui/Button'
import { sendAct } from '../../across/act/sendAct'
import { useAct } from '../../across/bench/useAct'
import { Problems } from '../../across/pull/Problems'
import { layOutSampleAction } from './actions'

/** The first screen of an empty workshop: what to do first. */
export function FirstRun() {
  const { busy, problems, act } = useAct()
  return (
    <main id="work" tabIndex={-1} className="max-w-2xl p-8">
      <h1 className="station-title text-3xl">Every proof is a test</h1>
      <p className="my-4 text-lg">
        Set the bench once: plate, ink, wipe, paper, press, register. Pull a proof, change one thing, pull
        again. Approve the one to match as BAT, the approved proof, and every print of the edition is held to
        it.
      </p>
      <div className="flex flex-wrap gap-3">
        <Link href="/jobs/new" className={buttonClass('main')}>
          Make your first job
        </Link>
        <Button disabled={busy} onClick={() => void act(() => sendAct(layOutSampleAction, {}))}>
          Look at the sample: an invented workshop
        </Button>
      </div>
      <Problems problems={problems} />
      <p className="mt-4 text-sm text-muted">
        A first job comes with an invented store of inks, papers and presses to begin from. Everything stays
        on this machine.
      </p>
    </main>
  )
}
