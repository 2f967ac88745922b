import Link from 'next/link'
import { loadQueues } from '@/data/queues'
import { QueueWall } from '@/stations/day/QueueWall'

/** The queue on a wall screen: who is up, who prepares, who is next. */
export default async function WallPage() {
  const [latest] = await loadQueues()
  return <main className="flex-1 p-4 sm:p-8">{latest ? <QueueWall kept={latest} /> : <p className="text-xl">No queue is kept yet. <Link href="/queue" className="underline underline-offset-4">Make one.</Link></p>}</main>
}
