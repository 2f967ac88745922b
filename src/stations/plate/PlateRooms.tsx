import { RoomNav } from '../bench/RoomNav'

/** Rooms of the plate. */
export const PlateRooms = () => <RoomNav station="plate" label="Plate room" rooms={[['', 'Plate'], ['bath', 'Bath'], ['bite', 'Bite']]} />
