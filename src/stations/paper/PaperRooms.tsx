import { RoomNav } from '../across/bench/RoomNav'

/** Rooms of the paper. */
export const PaperRooms = () => (
  <RoomNav
    station="paper"
    label="Paper room"
    rooms={[
      ['', 'Sheet'],
      ['tearing', 'Tear & growth'],
      ['day', 'The day'],
    ]}
  />
)
