import { loadBlottings } from '@/data/blottings'
import { loadGrowthMarks } from '@/data/growths'
import { latestMorning } from '@/data/mornings'
import { loadWeighIns } from '@/data/soaks'
import { loadReservations } from '@/data/stock'
import { loadStore } from '@/data/store'
import { PaperStation } from '@/stations/paper/PaperStation'

export default async function PaperPage() {
  const [{ papers }, reservations, weighIns, marks, blottings, morning] = await Promise.all([loadStore(), loadReservations(), loadWeighIns(), loadGrowthMarks(), loadBlottings(), latestMorning()])
  const isToday = morning?.at.slice(0, 10) === new Date().toISOString().slice(0, 10)
  return <PaperStation papers={papers} reservations={reservations} weighIns={weighIns} marks={marks} blottings={blottings} humidityPercent={isToday ? morning!.readings.humidityPercent : null} />
}
