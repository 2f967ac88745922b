import { RoomNav } from '../across/bench/RoomNav'

/** Rooms of the paper. */
export const PaperRooms = () => (
  <RoomNav
    station="paper"
    label="Paper room"
    rooms={[
      ['', 'Sheet'],
      ['tearing', 'Tearing & stretch'],
      ['day', 'Day plan'],
    ]}
  />
)
