import { loadInks } from '@/data/shop/inks'
import { NewInk } from '@/stations/shop/store/NewInk'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Add an ink' }

async function NewInkPage() {
  return (
    <main id="work" tabIndex={-1} className="p-3 sm:p-5">
      <NewInk inks={await loadInks()} />
    </main>
  )
}

export default onlyFor('shop', NewInkPage)
