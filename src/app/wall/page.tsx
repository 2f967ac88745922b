import { dayOf, saidDayOf } from '@/core/units/moment'
import { pageOf } from '@/core/units/page'
import { listJobs } from '@/data/shop/jobs'
import { onlyFor } from '@/stations/across/device/onlyFor'
import { QueueWall } from '@/stations/shop/day/QueueWall'
import { queueTurns } from '@/stations/shop/day/wallTurns'
import { todayAnswer } from '@/stations/shop/morning/answers'
import { JOBS_ON_SHEET, readToday } from '@/stations/shop/morning/readToday'
import { TodayWall } from '@/stations/shop/morning/TodayWall'
import { OnDevice } from '@/ui/OnDevice'
import { viewerZone } from '../(workshop)/viewerZone'

export const metadata = { title: 'Wall' }

/** Today's sheet and today's queue for a screen on the wall. */
async function WallPage() {
  const zone = await viewerZone()
  const jobs = (await listJobs()).toSorted((a, b) => b.lastAt.localeCompare(a.lastAt))
  const underWay = jobs.filter(({ phase }) => phase !== 'signed')
  const [{ morning, isFresh, ours, sheets }, queue] = await Promise.all([
    readToday(jobs, pageOf(underWay, 1, JOBS_ON_SHEET).items, zone),
    queueTurns(),
  ])
  const { says, because } = todayAnswer(
    morning ? saidDayOf(morning.at, zone) : null,
    isFresh,
    [...ours, ...sheets.flatMap(({ lines }) => lines)].filter(({ act }) => act).map(({ text }) => text),
  )
  const isToday = queue !== null && dayOf(queue.startAt, zone) === dayOf(new Date().toISOString(), zone)
  return (
    <main
      id="work"
      tabIndex={-1}
      className={`grid flex-1 gap-10 p-4 sm:p-8 ${isToday ? 'xl:grid-cols-2' : ''}`}
    >
      <TodayWall says={String(says)} because={String(because ?? '')} ours={ours} sheets={sheets} />
      {isToday && (
        <OnDevice>
          <QueueWall {...queue} isLive />
        </OnDevice>
      )}
    </main>
  )
}

export default onlyFor('wall', WallPage)
