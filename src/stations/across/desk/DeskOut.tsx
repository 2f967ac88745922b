'use client'

import { plural } from '@/core/units/counted'
import { DeskWaiting } from './DeskWaiting'
import type { DeskMemory } from './deskMemory'

/** A desk on a device that was taken out: nothing can be pulled, and what had not been sent is still here to be saved. */
export function DeskOut({
  slug,
  title,
  memory,
  onMemory,
}: {
  slug: string
  title: string
  memory: DeskMemory
  onMemory: (patch: Partial<DeskMemory>) => void
}) {
  const { length } = memory.queue
  return (
    <section aria-label="Pull desk" className="grid gap-4 p-3">
      <h1 className="station-title text-2xl">{title}: not on this device any more</h1>
      <p role="alert" className="max-w-[60ch] text-lg">
        ◆ This device is not paired, or no longer.{' '}
        {length === 0
          ? 'All that was done here had been sent.'
          : `${length} ${plural(length, 'entry was', 'entries were')} not sent: save them as a file and take it in at a desk of the machine, or pair this device again and they are sent by themselves.`}
      </p>
      <p>
        <a href="/pair" className="inline-flex min-h-11 items-center underline underline-offset-4">
          Pair it again
        </a>
      </p>
      {length > 0 && <DeskWaiting slug={slug} memory={memory} onMemory={onMemory} />}
    </section>
  )
}
