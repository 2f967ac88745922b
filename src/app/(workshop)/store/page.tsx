import { SHELF_ORDERS, type ShelfAsked, type ShelfOrder } from '@/core/record/shelfList'
import { whatGoes } from '@/data/shop/shelves'
import { loadReservations } from '@/data/shop/stock'
import { loadStore } from '@/data/shop/store'
import { StoreLedger } from '@/stations/shop/store/StoreLedger'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Stockroom' }

const isOrder = (text: string): text is ShelfOrder => text in SHELF_ORDERS

async function StorePage({ searchParams }: { searchParams: Promise<Record<string, string | undefined>> }) {
  const said = await searchParams
  const order = String(said.order ?? '')
  const asked: ShelfAsked = {
    find: String(said.find ?? '').trim(),
    place: said.place === 'away' ? 'away' : 'shelf',
    order: isOrder(order) ? order : 'came',
  }
  const [store, reservations, going] = await Promise.all([
    loadStore(),
    loadReservations(),
    // What speaks of a thing is looked up where it is shown only: it takes reading everything.
    asked.place === 'away' ? whatGoes() : {},
  ])
  return (
    <main id="work" tabIndex={-1} className="p-3 sm:p-5">
      <StoreLedger store={store} reservations={reservations} asked={asked} going={going} />
    </main>
  )
}

export default onlyFor('shop', StorePage)
