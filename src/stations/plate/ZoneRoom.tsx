'use client'

import dynamic from 'next/dynamic'
import type { KeptZoneMap } from '@/core/plate/zoneMap'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import type { LookedInk } from '../wipe/inkLooks'
import { PlateRooms } from './PlateRooms'

/** Drawing and clipping are loaded once the room is open: they are large, and no other room needs them. */
const ZoneBench = dynamic(() => import('./ZoneBench'), {
  ssr: false,
  loading: () => (
    <Panel rooms={<PlateRooms />} title="Plate">
      <p className="p-4 text-sm text-muted">Laying the plate out…</p>
    </Panel>
  ),
})

interface ZoneRoomProps {
  kept: KeptZoneMap | null
  picture: string | null
  inks: LookedInk[]
}

/** The plate's zones: drawn on its picture, each with an ink, a film and its area. */
export function ZoneRoom({ kept, picture, inks }: ZoneRoomProps) {
  const job = useJob()
  const { plate } = useBench()
  if (plate)
    return <ZoneBench key={kept?.version ?? 0} plate={plate} kept={kept} picture={picture} inks={inks} />
  return (
    <Panel
      rooms={<PlateRooms />}
      title="Plate"
      answer={{
        says: 'Set the plate’s size first',
        because: 'Zones are drawn on it to scale.',
        asks: { words: 'Go to the plate', page: `/jobs/${job.slug}/plate` },
      }}
    />
  )
}
