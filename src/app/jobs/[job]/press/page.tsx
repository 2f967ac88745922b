import { loadStore } from '@/data/store'
import { PressStation } from '@/stations/press/PressStation'

export default async function PressPage() {
  const { presses, packs } = await loadStore()
  return <PressStation presses={presses} packs={packs} />
}
