import { loadDryingPlaces } from '@/data/shop/dryingPlaces'
import { DryingRoom } from '@/stations/shop/drying/DryingRoom'

export const metadata = { title: 'Where prints dry' }

export default async function DryingPage() {
  return (
    <main className="p-3 sm:p-5">
      <DryingRoom {...await loadDryingPlaces()} />
    </main>
  )
}
