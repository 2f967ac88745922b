import { RoomNav } from '../across/bench/RoomNav'

/** Rooms of the registration. */
export const RegisterRooms = () => (
  <RoomNav
    station="register"
    label="Register room"
    rooms={[
      ['', 'Sheet'],
      ['plates', 'Second plate'],
      ['chine-colle', 'Chine collé'],
    ]}
  />
)
