import { RoomNav } from '../across/bench/RoomNav'

/** Rooms of the wiping. */
export const WipeRooms = () => (
  <RoomNav
    station="wipe"
    label="Wiping room"
    rooms={[
      ['', 'Wiping steps'],
      ['inks', 'À la poupée'],
      ['tone', 'Densitometer'],
    ]}
  />
)
