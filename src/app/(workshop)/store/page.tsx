import { loadReservations } from '@/data/shop/stock'
import { loadStore } from '@/data/shop/store'
import { StoreLedger } from '@/stations/shop/store/StoreLedger'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Stockroom' }

async function StorePage() {
  const [store, reservations] = await Promise.all([loadStore(), loadReservations()])
  return (
    <main id="work" tabIndex={-1} className="p-3 sm:p-5">
      <StoreLedger store={store} reservations={reservations} />
    </main>
  )
}

export default onlyFor('shop', StorePage)
