import { counted } from '@/core/units/counted'
import Link from 'next/link'
import type { JobSummary } from '@/data/shop/jobs'
import { UnreadableNote, type UnreadableJob } from './UnreadableNote'

const PHASE: Record<JobSummary['phase'], (job: JobSummary) => string> = {
  proving: (job) => `being proved: ${counted(job.proofs, 'proof')}`,
  edition: (job) =>
    `in edition: ${job.accepted} of ${job.editionSize} accepted${job.rejected ? `, ${job.rejected} rejected` : ''}`,
  sorting: (job) => `pulled: ${job.accepted} to sort and number`,
  signed: (job) => `signed and filed: edition of ${job.editionSize}`,
}

/** Every job of the workshop with its plate as it prints; one that cannot be read says why, and can be taken out as it lies there. */
export function JobShelf({ jobs, unreadable }: { jobs: JobSummary[]; unreadable: UnreadableJob[] }) {
  return (
    <nav aria-label="Jobs">
      <h2 className="station-title mb-1">Jobs</h2>
      <ul>
        {jobs.map((job) => (
          <li key={job.id} className="border-t border-line">
            <Link
              href={`/jobs/${job.slug}`}
              className="grid grid-cols-[5.5rem_1fr] items-center gap-3 py-2 hover:bg-raised"
            >
              {job.imageId ? (
                <img
                  src={`/pictures/${job.imageId}/thumb`}
                  alt=""
                  className="max-h-20 w-full -scale-x-100 object-contain"
                />
              ) : (
                <span className="block h-12 border border-line" aria-hidden />
              )}
              <span>
                <span className="block font-semibold">{job.title}</span>
                <span className="condensed block text-sm text-muted">{job.artist}</span>
                <span className="condensed block text-sm">{PHASE[job.phase](job)}</span>
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
    </nav>
  )
}
