import { RoomNav } from '../across/bench/RoomNav'

/** Rooms of the wiping. */
export const WipeRooms = () => (
  <RoomNav
    station="wipe"
    label="Wiping room"
    rooms={[
      ['', 'Order'],
      ['inks', 'Several inks'],
      ['tone', 'Tone reading'],
    ]}
  />
)
