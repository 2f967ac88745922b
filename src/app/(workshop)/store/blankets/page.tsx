import { loadStore } from '@/data/shop/store'
import { BlanketShelf } from '@/stations/press/BlanketShelf'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Blankets' }

async function BlanketsPage() {
  const { blankets, packs } = await loadStore()
  return (
    <main id="work" tabIndex={-1} className="p-3 sm:p-5">
      <BlanketShelf blankets={blankets} packs={packs} now={new Date().toISOString()} />
    </main>
  )
}

export default onlyFor('shop', BlanketsPage)
