import { exportJobFile } from '@/data/record/jobFiles'
import { openJob } from '../../openJob'
import { routeFor } from '@/stations/across/device/onlyFor'

/** A job as one JSON document. */
async function give(_request: Request, { params }: { params: Promise<{ job: string }> }): Promise<Response> {
  const { slug } = await openJob((await params).job)
  return Response.json(await exportJobFile(slug, new Date().toISOString()))
}

export const GET = routeFor('shop', give)
