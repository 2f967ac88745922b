import { listJobs } from '@/data/shop/jobs'
import { WeekSheet } from '@/stations/shop/week/WeekSheet'
import { viewerZone } from '../viewerZone'
import { readWeek } from './readWeek'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'The week' }

/** All jobs' next acts, press bookings and drying prints, seven days ahead. */
async function WeekPage() {
  const zone = await viewerZone()
  const [week, jobs] = await Promise.all([readWeek(new Date().toISOString(), zone), listJobs()])
  return (
    <main id="work" tabIndex={-1} className="flex-1 p-3 sm:p-5">
      <WeekSheet week={week} jobs={jobs.filter(({ phase }) => phase !== 'signed')} zone={zone} />
    </main>
  )
}

export default onlyFor('shop', WeekPage)
