import { deskRailsSchema } from '@/core/edition/deskEntry'
import { shareRails } from '@/data/across/desk'
import { actRoute } from '@/stations/across/act/actRoute'

/** One device's word on how plate and sheet stand, for the answer how they stand for all devices at the desk. The later word holds. */
export const POST = actRoute(deskRailsSchema, 'shop', (said, { job }: { job: string }, at) =>
  shareRails(job, said, at),
)
