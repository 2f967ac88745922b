import { loadDryingPlaces } from '@/data/shop/dryingPlaces'
import { DryingRoom } from '@/stations/shop/drying/DryingRoom'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Drying racks' }

async function DryingPage() {
  return (
    <main id="work" tabIndex={-1} className="p-3 sm:p-5">
      <DryingRoom {...await loadDryingPlaces()} />
    </main>
  )
}

export default onlyFor('shop', DryingPage)
