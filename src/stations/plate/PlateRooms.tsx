import { RoomNav } from '../across/bench/RoomNav'

/** Rooms of the plate. */
export const PlateRooms = () => (
  <RoomNav
    station="plate"
    label="Plate room"
    rooms={[
      ['', 'Plate'],
      ['artwork', 'Artwork'],
      ['making', 'Making'],
      ['bath', 'Bath'],
      ['bite', 'Bite'],
      ['states', 'States and wear'],
      ['zones', 'Zones'],
    ]}
  />
)
