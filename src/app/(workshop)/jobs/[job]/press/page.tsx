import { loadPressureTrials } from '@/data/press/pressCards'
import { loadStore } from '@/data/shop/store'
import { PressStation } from '@/stations/press/PressStation'

export const metadata = { title: 'Press' }

export default async function PressPage() {
  const [{ presses, packs, blankets }, trials] = await Promise.all([loadStore(), loadPressureTrials()])
  return <PressStation presses={presses} packs={packs} shelf={blankets} trials={trials} />
}
