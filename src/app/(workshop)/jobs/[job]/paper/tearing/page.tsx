import { loadGrowthMarks } from '@/data/paper/growths'
import { TearingRoom } from '@/stations/paper/TearingRoom'

export default async function TearingPage() {
  return <TearingRoom marks={await loadGrowthMarks()} />
}
