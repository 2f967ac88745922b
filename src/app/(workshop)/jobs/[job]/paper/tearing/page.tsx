import { loadGrowthMarks } from '@/data/paper/growths'
import { TearingRoom } from '@/stations/paper/TearingRoom'

export const metadata = { title: 'Tear and growth' }

export default async function TearingPage() {
  return <TearingRoom marks={await loadGrowthMarks()} />
}
