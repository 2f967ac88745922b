import { loadGrowthMarks } from '@/data/paper/growths'
import { TearingRoom } from '@/stations/paper/TearingRoom'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Tear and growth' }

async function TearingPage() {
  return <TearingRoom marks={await loadGrowthMarks()} />
}

export default onlyFor('shop', TearingPage)
