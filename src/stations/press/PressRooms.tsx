import { RoomNav } from '../across/bench/RoomNav'

/** Rooms of the press. */
export const PressRooms = () => (
  <RoomNav
    station="press"
    label="Press room"
    rooms={[
      ['', 'Pressure'],
      ['guide', 'Setting guide'],
    ]}
  />
)
