import { RoomNav } from '../across/bench/RoomNav'

/** Rooms of the ink bench. */
export const InkRooms = () => (
  <RoomNav
    station="ink"
    label="Ink bench"
    rooms={[
      ['', 'Mix'],
      ['match', 'Match'],
      ['correct', 'Correct'],
      ['stiffness', 'Stiffness'],
      ['amount', 'Amount'],
      ['card', 'Recipe card'],
    ]}
  />
)
