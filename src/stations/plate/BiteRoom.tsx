'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { Choice } from '@/ui/Choice'
import { StripBite } from './StripBite'

/** Read where it is wanted: most bites that are planned go by a strip. */
const ClockBite = dynamic(() => import('./ClockBite').then((module) => module.ClockBite), {
  ssr: false,
  loading: () => <p className="p-4 text-sm text-muted">Opening the clock…</p>,
})

type BiteRoomProps = Omit<Parameters<typeof StripBite>[0], 'ways'>

/** A bite planned by a test strip of the same metal and grain, or by the clock where there is none. */
export function BiteRoom({ strips, kept }: BiteRoomProps) {
  const [by, setBy] = useState<'strip' | 'clock'>('strip')
  const ways = (
    <div className="mb-4">
      <Choice
        label="The bite goes by"
        value={by}
        options={[
          ['strip', 'A test strip'],
          ['clock', 'The clock, without a strip'],
        ]}
        onPick={setBy}
      />
    </div>
  )
  return by === 'strip' ? <StripBite strips={strips} kept={kept} ways={ways} /> : <ClockBite ways={ways} />
}
