import { loadBaths } from '@/data/plate/baths'
import { BathRoom } from '@/stations/plate/BathRoom'

export const metadata = { title: 'Bath' }

export default async function BathPage() {
  return <BathRoom baths={await loadBaths()} />
}
