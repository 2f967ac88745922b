import Link from 'next/link'
import { OnDevice } from '@/ui/OnDevice'
import { classTurns, queueTurns } from '@/stations/shop/day/wallTurns'
import { QueueWall } from '@/stations/shop/day/QueueWall'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Queue on the wall' }

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
