import { isFound } from '../units/isFound'
import type { PlaceOfJob } from './placeOfJob'

/** What lists of jobs can be put in order by. */
export const JOB_ORDERS = {
  last: 'last worked on',
  begun: 'begun',
  title: 'title',
  artist: 'artist',
} as const
export type JobOrder = keyof typeof JOB_ORDERS

/** A job as it is looked for. */
export interface ListedJob {
  title: string
  artist: string
  createdAt: string
  lastAt: string
  putAway: 'archive' | 'bin' | null
}

/** Whether a job is meant by what somebody looks for: part of its title or of the artist's name. */
export const isMeant = ({ title, artist }: Pick<ListedJob, 'title' | 'artist'>, find: string): boolean =>
  isFound([title, artist], find)

const BY: Record<JobOrder, (a: ListedJob, b: ListedJob) => number> = {
  last: (a, b) => b.lastAt.localeCompare(a.lastAt),
  begun: (a, b) => b.createdAt.localeCompare(a.createdAt),
  title: (a, b) => a.title.localeCompare(b.title, 'en', { numeric: true }) || BY.begun(a, b),
  artist: (a, b) => a.artist.localeCompare(b.artist, 'en') || BY.title(a, b),
}

/**
 * The jobs of a place that are meant, in an order: the newest first by time, by the alphabet otherwise.
 *
 * @example listedJobs(jobs, { find: 'reed', place: 'shelf', order: 'title' })
 */
export const listedJobs = <Job extends ListedJob>(
  jobs: readonly Job[],
  { find, place, order }: { find: string; place: PlaceOfJob; order: JobOrder },
): Job[] => jobs.filter((job) => (job.putAway ?? 'shelf') === place && isMeant(job, find)).toSorted(BY[order])
