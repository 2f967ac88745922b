import { loadQueues } from '@/data/shop/queues'
import { OnDevice } from '@/ui/OnDevice'
import { QueueBench } from '@/stations/shop/day/QueueBench'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Press queue' }

/** Several people, one press: an open day or a class. */
async function QueuePage() {
  const [latest] = await loadQueues()
  return (
    <main id="work" tabIndex={-1} className="flex-1 p-3 sm:p-5">
      <OnDevice>
        <QueueBench kept={latest ?? null} />
      </OnDevice>
    </main>
  )
}

export default onlyFor('shop', QueuePage)
