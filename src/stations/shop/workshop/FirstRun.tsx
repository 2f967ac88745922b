'use client'

import { BeginForm } from './BeginForm'
import type { BeginShelf } from './beginState'
import { SampleBeside } from './SampleBeside'

/** The first screen of an empty workshop: the first print, said at once; beneath it the sample, for whoever wants to look round first. @param sampleAt where the sample is open; null: it is not */
export function FirstRun({ shelf, sampleAt }: { shelf: BeginShelf; sampleAt: string | null }) {
  return (
    <main id="work" tabIndex={-1} className="p-3 sm:p-5">
      <BeginForm shelf={shelf} title="Your first print">
        <p className="mt-6 max-w-[65ch] border-t border-line pt-4 text-sm">
          Pull a proof, change one thing, pull again. The one to match becomes the BAT, the approved proof,
          and every print of the edition is held to it. Everything stays on this machine.
        </p>
        <SampleBeside at={sampleAt} />
      </BeginForm>
    </main>
  )
}
