import { loadDryingPlaces } from '@/data/shop/dryingPlaces'
import { DryingRoom } from '@/stations/shop/drying/DryingRoom'

export const metadata = { title: 'Drying racks' }

export default async function DryingPage() {
  return (
    <main id="work" tabIndex={-1} className="p-3 sm:p-5">
      <DryingRoom {...await loadDryingPlaces()} />
    </main>
  )
}
