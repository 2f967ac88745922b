import { readPull } from '@/core/edition/pull'
import type { JobRecord } from '@/data/jobRecord'
import type { BenchJob } from './BenchContext'

/** What the stations need of a job, from everything that is kept of it. */
export function readBench(job: JobRecord): BenchJob {
  const bat = job.bats.at(-1)
  const accepted = job.pulls.filter((pull) => pull.kind === 'edition' && readPull(pull).decision?.decision === 'accepted').length
  return {
    id: job.id, slug: job.slug, title: job.title, revision: job.revision, bench: job.runs[0].bench,
    bat: bat ? { version: bat.version, settings: bat.runs[0].settings, tolerances: bat.runs[0].tolerances } : null,
    proofs: job.pulls.filter((pull) => pull.kind === 'proof').length,
    accepted, editionSize: job.editionSize, pullsFromPlate: job.pulls.length, numbered: job.prints.length > 0, drying: job.dryings.length > 0,
  }
}
