'use client'

import { describePlateLife, plateLife, type PlateHistory } from '@/core/plate/plateLife'
import type { Facing } from '@/core/plate/plateState'
import type { KeptWatchSpot } from '@/data/plate/plateWatch'
import { capital } from '@/core/units/capital'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { lifeReason } from './answers'
import { PlateLife } from './PlateLife'
import type { PlatePictureState } from './PlatePicture'
import { PlateRooms } from './PlateRooms'
import { lifeRows } from './plateStates'
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
export function StatesRoom({ states, spots, facings, pulls, history: own }: StatesRoomProps) {
  const job = useJob()
  const { plate } = useBench()
  if (!plate) {
    return (
      <Panel
        rooms={<PlateRooms />}
        title="Plate"
        answer={{
          says: 'Set the plate first',
          because: 'Its first state opens with it.',
          asks: { words: 'Go to the plate', page: `/jobs/${job.slug}/plate` },
        }}
      />
    )
  }
  const history = { ...own, here: job.beside.standsHere[plate.kind] ?? null }
  const life = plateLife(plate, pulls, history)
  return (
    <Panel
      rooms={<PlateRooms />}
      title="Plate"
      answer={{
        says: capital(describePlateLife(life)),
        figure: 'plate-life',
        because: lifeReason(life),
        sum: lifeRows(plate, life, history),
      }}
    >
      <div className="grid gap-6 xl:grid-cols-[minmax(0,1fr)_22rem]">
        <StatesCompared states={states} spots={spots} size={plate} />
        <div className="grid content-start gap-6">
          <PlateLife plate={plate} pulls={pulls} facings={facings} />
          <WatchSpots spots={spots} state={plate.state} />
        </div>
      </div>
    </Panel>
  )
}
