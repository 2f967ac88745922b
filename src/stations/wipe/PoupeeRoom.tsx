'use client'

import dynamic from 'next/dynamic'
import type { KeptZoneMap } from '@/core/plate/zoneMap'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import type { LookedInk } from './inkLooks'
import { WipeRooms } from './WipeRooms'

const OrderBench = dynamic(() => import('./OrderBench'), {
  ssr: false,
  loading: () => (
    <Panel rooms={<WipeRooms />} title="Wipe">
      <p className="p-4 text-sm text-muted">Calculating the order…</p>
    </Panel>
  ),
})

/** Several inks on one plate: in which order, why, what is risked at each border, and a card for the wall. */
export function PoupeeRoom({ kept, inks: shelf }: { kept: KeptZoneMap | null; inks: LookedInk[] }) {
  const bench = useBench()
  const job = useJob()
  const { plate } = bench
  if (!plate || !kept || kept.map.zones.length === 0) {
    return (
      <Panel
        rooms={<WipeRooms />}
        title="Wipe"
        answer={{
          says: 'Draw the plate’s zones first',
          because: 'Give each an ink: the order is proposed from how they meet.',
          asks: { words: 'Go to Zones', page: `/jobs/${job.slug}/plate/zones` },
        }}
      />
    )
  }
  return <OrderBench key={kept.version} plate={plate} kept={kept} shelf={shelf} />
}
