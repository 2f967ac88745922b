import { jobStanding, type JobStanding } from '@/core/morning/jobStanding'
import { UnreadableJobError } from '../database/errors'
import { remembered } from '../database/remembered'
import { loadJob, type JobSummary } from './jobs'

/** A job under way: where it stands, and its address. */
export type JobUnderWay = JobStanding & { slug: string }

/** Reads jobs for the morning; one that cannot be read says why, and is no other job's trouble. */
export async function loadJobsUnderWay(
  jobs: readonly Pick<JobSummary, 'id' | 'slug'>[],
): Promise<{ read: JobUnderWay[]; unreadable: UnreadableJobError[] }> {
  const unreadable: UnreadableJobError[] = []
  const standings = await remembered(
    'standing',
    jobs.map(({ id }) => id),
    async (changed) => {
      const read = new Map<string, JobStanding>()
      for (const { id, slug } of jobs.filter((job) => changed.includes(job.id))) {
        try {
          read.set(id, jobStanding(await loadJob(slug)))
        } catch (error) {
          if (!(error instanceof UnreadableJobError)) throw error
          unreadable.push(error)
        }
      }
      return read
    },
  )
  return {
    read: jobs.flatMap(({ id, slug }) => {
      const standing = standings.get(id)
      return standing ? [{ ...standing, slug }] : []
    }),
    unreadable,
  }
}
