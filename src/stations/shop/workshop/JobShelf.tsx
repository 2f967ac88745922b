import { counted } from '@/core/units/counted'
import Link from 'next/link'
import type { JobSummary } from '@/data/shop/jobs'
import { PageLinks, type Way } from '@/ui/PageLinks'
import type { Page } from '@/core/units/page'
import { SearchForm } from '@/ui/SearchForm'
import { PlateThumb } from './PlateThumb'
import { standingWords } from './words'
import { UnreadableNote, type UnreadableJob } from './UnreadableNote'

/** So many jobs lie on the shelf at once; from the next one on they are looked for. */
export const JOBS_ON_SHELF = 12

/**
 * The jobs of the workshop with their plates as they print, those last worked on first; one that cannot be read says why, and can be
 * taken out as it lies there.
 *
 * @param find what was looked for @param count how many jobs there are in all
 */
export function JobShelf({
  jobs,
  count,
  find,
  unreadable,
  ways,
}: {
  jobs: Page<JobSummary>
  count: number
  find: string
  unreadable: UnreadableJob[]
  /** to the jobs worked on more recently, and to earlier ones */
  ways: readonly [Way, Way]
}) {
  return (
    <nav aria-label="Jobs">
      <div className="flex items-baseline justify-between">
        <h2 className="station-title mb-1">Jobs</h2>
        <Link href="/jobs" className="inline-flex min-h-11 items-center text-sm underline underline-offset-4">
          All jobs
        </Link>
      </div>
      {count > JOBS_ON_SHELF && (
        <SearchForm key={find} page="/" label="Find by title or artist" find={find} />
      )}
      {find !== '' && (
        <p className="mb-2 text-sm">
          {jobs.of === 0 ? 'None' : counted(jobs.of, 'job')} of {count} with “{find}” in title or artist.{' '}
          <Link href="/" className="underline underline-offset-4">
            Show them all
          </Link>
        </p>
      )}
      <ul>
        {jobs.items.map((job) => (
          <li key={job.id} className="border-t border-line">
            <Link
              href={`/jobs/${job.slug}`}
              className="grid grid-cols-[5.5rem_1fr] items-center gap-3 py-2 hover:bg-raised"
            >
              <PlateThumb imageId={job.imageId} className="max-h-20" empty="h-12" />
              <span>
                <span className="block font-semibold">{job.title}</span>
                <span className="condensed block text-sm text-muted">{job.artist}</span>
                <span className="condensed block text-sm">{standingWords(job)}</span>
              </span>
            </Link>
            {unreadable
              .filter(({ slug }) => slug === job.slug)
              .map((one) => (
                <UnreadableNote key={one.slug} job={one} />
              ))}
          </li>
        ))}
      </ul>
      <PageLinks label="More jobs" place={jobs} ways={ways} />
    </nav>
  )
}
