import Link from 'next/link'
import { queuePeople, type Turn } from '@/core/day/pressQueue'
import { makerOf, planClass } from '@/core/edition/roster'
import { loadRoster } from '@/data/across/rosters'
import { loadJob } from '@/data/shop/jobs'
import { loadQueues } from '@/data/shop/queues'
import { OnDevice } from '@/ui/OnDevice'
import { QueueWall } from '@/stations/shop/day/QueueWall'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Queue on the wall' }

interface Shown {
  name: string
  startAt: string
  turns: readonly Turn[]
}

/** The turns of a class as they stand now; null: the job has none. */
async function classTurns(slug: string): Promise<Shown | null> {
  const job = await loadJob(slug)
  const roster = await loadRoster(job.id)
  if (!roster) return null
  const printed = job.pulls.flatMap((pull) => {
    const maker = makerOf(pull)
    return maker === null ? [] : [[maker, pull.pulledAt] as const]
  })
  const turns = planClass(roster, new Map(printed), new Date().toISOString())
  return { name: job.title, startAt: roster.startAt, turns }
}

/** The queue that was kept last; null: none was. */
async function queueTurns(): Promise<Shown | null> {
  const [latest] = await loadQueues()
  return latest
    ? { name: latest.name, startAt: latest.startAt, turns: queuePeople(latest.input).turns }
    : null
}

/** A queue on a wall screen, of a class where one is asked for: who is up, who prepares, who is next. */
async function WallPage({ searchParams }: { searchParams: Promise<{ class?: string }> }) {
  const { class: slug } = await searchParams
  const shown = slug ? await classTurns(slug) : await queueTurns()
  return (
    <main id="work" tabIndex={-1} className="flex-1 p-4 sm:p-8">
      {shown ? (
        <OnDevice>
          <QueueWall {...shown} isLive={slug !== undefined} />
        </OnDevice>
      ) : (
        <>
          <h1 className="station-title text-3xl">No queue is saved yet</h1>
          <p className="mt-4 text-xl">
            <Link href="/queue" className="underline underline-offset-4">
              Make one.
            </Link>
          </p>
        </>
      )}
    </main>
  )
}

export default onlyFor('shop', WallPage)
