import { queuePeople, type Turn } from '@/core/day/pressQueue'
import { makerOf, planClass } from '@/core/edition/roster'
import { loadRoster } from '@/data/across/rosters'
import { loadJob } from '@/data/shop/jobs'
import { loadQueues } from '@/data/shop/queues'

/** A queue as a wall shows it. */
export interface WallTurns {
  name: string
  startAt: string
  turns: readonly Turn[]
}

/** The turns of a class as they stand now; null: the job has none. */
export async function classTurns(slug: string): Promise<WallTurns | null> {
  const job = await loadJob(slug)
  const roster = await loadRoster(job.id)
  if (!roster) return null
  const printed = job.pulls.flatMap((pull) => {
    const maker = makerOf(pull)
    return maker === null ? [] : [[maker, pull.pulledAt] as const]
  })
  const turns = planClass(roster, new Map(printed), new Date().toISOString())
  return { name: job.title, startAt: roster.startAt, turns }
}

/** The queue that was kept last; null: none was. */
export async function queueTurns(): Promise<WallTurns | null> {
  const [latest] = await loadQueues()
  return latest
    ? { name: latest.name, startAt: latest.startAt, turns: queuePeople(latest.input).turns }
    : null
}
