import { loadPressureTrials } from '@/data/press/pressCards'
import { loadWorkedSettings } from '@/data/press/workedSettings'
import { loadStore } from '@/data/shop/store'
import { PressStation } from '@/stations/press/PressStation'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Press' }

async function PressPage() {
  const [{ presses, packs, blankets }, trials, worked] = await Promise.all([
    loadStore(),
    loadPressureTrials(),
    loadWorkedSettings(),
  ])
  return <PressStation presses={presses} packs={packs} shelf={blankets} trials={trials} worked={worked} />
}

export default onlyFor('shop', PressPage)
