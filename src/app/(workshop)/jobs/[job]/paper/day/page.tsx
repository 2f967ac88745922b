import { pullsOnBench } from '@/core/edition/runs'
import { blotToRoller, dayFacts } from '@/core/day/keptDay'
import { cycleOf } from '@/core/record/workAhead'
import { latestDay } from '@/data/shop/days'
import { loadDryingPlaces } from '@/data/shop/dryingPlaces'
import { DayRoom } from '@/stations/shop/day/DayRoom'
import { openJob } from '../../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Day plan' }

async function DayPage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  const { id } = job
  const pulls = pullsOnBench(job)
  const [kept, drying] = await Promise.all([latestDay(id), loadDryingPlaces()])
  const facts =
    kept &&
    dayFacts(
      kept.day.startAt,
      kept.events,
      pulls.map(({ pulledAt }) => pulledAt),
    )
  return (
    <DayRoom
      learned={cycleOf(pulls)}
      kept={
        kept &&
        facts && {
          ...kept.day,
          facts,
          blotted: kept.events.flatMap(({ kind, sheet }) => (kind === 'blot' ? sheet : [])),
          toRoller: blotToRoller(kept.day.startAt, kept.events, facts),
        }
      }
      {...drying}
    />
  )
}

export default onlyFor('shop', DayPage)
