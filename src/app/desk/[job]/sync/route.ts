import { z } from 'zod'
import { syncDesk } from '@/data/across/desk'
import { actRoute } from '@/stations/across/act/actRoute'

/** Takes in what a pull desk kept on its device; answers what became of each entry. Entries carry ids of their own. */
export const POST = actRoute(
  z.looseObject({ entries: z.array(z.unknown()) }),
  'shop',
  async (sent, { job }: { job: string }, at) => ({ outcomes: await syncDesk(job, sent, at) }),
)
