import { z } from 'zod'
import { timeZone } from '@/core/edition/pullId'
import { dayOf } from '@/core/units/moment'
import { syncDesk } from '@/data/across/desk'
import { stampOf } from '@/data/database/remembered'
import { loadJob } from '@/data/shop/jobs'
import { loadKnownPresses } from '@/data/press/presses'
import { actRoute } from '@/stations/across/act/actRoute'
import { readDesk } from '@/stations/across/desk/readDesk'

/** Takes in what a pull desk kept on its device; answers what became of each entry and how the desk stands then. Entries carry ids of their own. */
export const POST = actRoute(
  z.looseObject({ entries: z.array(z.unknown()), zone: timeZone.default('UTC') }),
  'desk',
  async (sent, { job }: { job: string }, at) => {
    const outcomes = await syncDesk(job, sent, at)
    // Before the job is read: a change in between is then asked for again.
    const stamp = await stampOf(job)
    const [read, presses] = await Promise.all([loadJob(job), loadKnownPresses()])
    return { outcomes, desk: readDesk(read, { today: dayOf(at, sent.zone), now: at }, stamp, presses) }
  },
)
