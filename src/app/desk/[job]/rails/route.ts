import { railWordsSchema } from '@/core/edition/deskRails'
import { shareRails } from '@/data/across/desk'
import { stampOf } from '@/data/database/remembered'
import { actRoute } from '@/stations/across/act/actRoute'

/** One device's words on how plate and sheet stand, for how they stand for all devices at the desk, the server's moment, and what the job stands at. */
export const POST = actRoute(railWordsSchema, 'desk', async (said, { job }: { job: string }, at) => ({
  rails: await shareRails(job, said, at),
  stamp: await stampOf(job),
  moment: Date.parse(at),
}))
