import { loadBaths } from '@/data/plate/baths'
import { BathRoom } from '@/stations/plate/BathRoom'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Bath' }

async function BathPage() {
  return <BathRoom baths={await loadBaths()} />
}

export default onlyFor('shop', BathPage)
