import { creditsSchema } from '@/core/record/credits'
import { changeJob } from '../across/changeJob'

/** Keeps who is credited with what; part of the record, so it can be set after the numbers are given too. */
export async function keepCredits(jobId: string, revision: number, input: unknown): Promise<number> {
  const credits = creditsSchema.parse(input)
  return changeJob(jobId, revision, async ({ tables, transaction }) => {
    await tables.jobs.update({ credits }, { where: { id: jobId }, transaction })
  })
}
