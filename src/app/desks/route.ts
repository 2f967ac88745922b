import { listJobs } from '@/data/shop/jobs'
import { routeFor } from '@/stations/across/device/onlyFor'

/** Most jobs a desk is offered: those worked on last. */
const MOST = 12

/** The jobs a desk can be opened for, last worked on first: a device that is paired for the desk sees no other list. */
async function give(): Promise<Response> {
  const jobs = (await listJobs())
    .filter(({ phase }) => phase === 'proving' || phase === 'edition')
    .sort((a, b) => b.lastAt.localeCompare(a.lastAt))
    .slice(0, MOST)
  return Response.json(jobs.map(({ slug, title, artist }) => ({ slug, title, artist })))
}

export const GET = routeFor('desk', give)
