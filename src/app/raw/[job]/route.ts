import { NotFoundError } from '@/data/database/errors'
import { exportRaw } from '@/data/shop/jobs'
import { routeFor } from '@/stations/across/device/onlyFor'

/** Everything the database has of a job, as it lies there: for one that cannot be read. */
async function give(_: Request, { params }: { params: Promise<{ job: string }> }): Promise<Response> {
  try {
    return Response.json(await exportRaw((await params).job))
  } catch (error) {
    if (error instanceof NotFoundError) return Response.json({ message: error.message }, { status: 404 })
    throw error
  }
}

export const GET = routeFor('shop', give)
