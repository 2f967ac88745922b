'use client'

import { PLATE_KINDS } from '@/core/plate/plate'
import { useBench } from '../across/bench/BenchContext'
import { RoomNav } from '../across/bench/RoomNav'

/** What is done in a bath, and what under a lamp: a plate is made by one of them. */
const BITTEN = [
  ['bath', 'Bath'],
  ['bite', 'Bite'],
] as const
const EXPOSED = [['exposure', 'Exposure']] as const

/** Rooms of the plate. */
export function PlateRooms() {
  const { plate } = useBench()
  return (
    <RoomNav
      station="plate"
      label="Plate room"
      rooms={[
        ['', 'Plate'],
        ['artwork', 'Artwork'],
        ...(plate && PLATE_KINDS[plate.kind].isExposed ? EXPOSED : []),
        ['making', 'Making'],
        ...(plate && PLATE_KINDS[plate.kind].isExposed ? [] : BITTEN),
        ['states', 'States and wear'],
        ['zones', 'Zones'],
      ]}
    />
  )
}
