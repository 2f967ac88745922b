import { deskWaitsSchema, railWordsSchema } from '@/core/edition/deskRails'
import { shareRails } from '@/data/across/desk'
import { stampOf } from '@/data/database/remembered'
import { actRoute } from '@/stations/across/act/actRoute'
import { noteWaits } from '@/stations/across/device/asking'

/** One device's words on how plate and sheet stand and what waits on it, for how they stand for all devices at the desk, the server's moment, and what the job stands at. */
export const POST = actRoute(
  railWordsSchema.extend({ waiting: deskWaitsSchema.optional() }),
  'desk',
  async ({ words, waiting }, { job }: { job: string }, at) => {
    await noteWaits(waiting)
    return {
      rails: await shareRails(job, { words }, at),
      stamp: await stampOf(job),
      moment: Date.parse(at),
    }
  },
)
