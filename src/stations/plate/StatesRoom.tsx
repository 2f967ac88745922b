'use client'

import type { PlateHistory } from '@/core/plate/plateLife'
import type { Facing } from '@/core/plate/plateState'
import type { KeptWatchSpot } from '@/data/plate/plateWatch'
import { Panel } from '@/ui/Panel'
import { useBench } from '../across/bench/BenchContext'
import { PlateLife } from './PlateLife'
import type { PlatePictureState } from './PlatePicture'
import { PlateRooms } from './PlateRooms'
import { StatesCompared } from './StatesCompared'
import { WatchSpots } from './WatchSpots'

interface StatesRoomProps {
  states: PlatePictureState[]
  spots: KeptWatchSpot[]
  facings: Facing[]
  pulls: number
  history: PlateHistory
}

/** The plate through its states: two beside or over one another, what is to be watched, and what life it has left. */
export function StatesRoom({ states, spots, facings, pulls, history }: StatesRoomProps) {
  const { plate } = useBench()
  if (!plate) {
    return (
      <Panel rooms={<PlateRooms />} title="Plate">
        <p className="border border-line bg-ground p-4">
          Set the plate first; its first state opens with it.
        </p>
      </Panel>
    )
  }
  return (
    <Panel rooms={<PlateRooms />} title="Plate">
      <div className="grid gap-6 xl:grid-cols-[minmax(0,1fr)_22rem]">
        <StatesCompared states={states} spots={spots} size={plate} />
        <div className="grid content-start gap-6">
          <PlateLife plate={plate} pulls={pulls} facings={facings} history={history} />
          <WatchSpots spots={spots} state={plate.state} />
        </div>
      </div>
    </Panel>
  )
}
