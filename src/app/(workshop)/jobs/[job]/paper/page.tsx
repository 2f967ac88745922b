import { dayOf } from '@/core/units/moment'
import { viewerZone } from '../../../viewerZone'
import { loadBlottings } from '@/data/paper/blottings'
import { latestMorning } from '@/data/shop/mornings'
import { loadWeighIns } from '@/data/paper/soaks'
import { loadReservations } from '@/data/shop/stock'
import { loadStore } from '@/data/shop/store'
import { PaperStation } from '@/stations/paper/PaperStation'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Paper' }

async function PaperPage() {
  const [{ papers }, reservations, weighIns, blottings, morning] = await Promise.all([
    loadStore(),
    loadReservations(),
    loadWeighIns(),
    loadBlottings(),
    latestMorning(),
  ])
  const zone = await viewerZone()
  const isToday = morning !== null && dayOf(morning.at, zone) === dayOf(new Date().toISOString(), zone)
  return (
    <PaperStation
      papers={papers}
      reservations={reservations}
      weighIns={weighIns}
      blottings={blottings}
      humidityPercent={isToday ? morning!.readings.humidityPercent : null}
    />
  )
}

export default onlyFor('shop', PaperPage)
