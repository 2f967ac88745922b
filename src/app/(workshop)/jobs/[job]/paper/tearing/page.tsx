import { loadGrowthMarks } from '@/data/paper/growths'
import { loadReservations } from '@/data/shop/stock'
import { TearingRoom } from '@/stations/paper/TearingRoom'

export default async function TearingPage() {
  const [marks, reservations] = await Promise.all([loadGrowthMarks(), loadReservations()])
  return <TearingRoom marks={marks} reservations={reservations} />
}
