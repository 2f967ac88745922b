import Link from 'next/link'
import { loadQueues } from '@/data/shop/queues'
import { OnDevice } from '@/ui/OnDevice'
import { QueueWall } from '@/stations/shop/day/QueueWall'

export const metadata = { title: 'Queue on the wall' }

/** The queue on a wall screen: who is up, who prepares, who is next. */
export default async function WallPage() {
  const [latest] = await loadQueues()
  return (
    <main id="work" tabIndex={-1} className="flex-1 p-4 sm:p-8">
      {latest ? (
        <OnDevice>
          <QueueWall kept={latest} />
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
