import { documentJob, type Documentation } from '@/core/record/documentation'
import type { JobRecord } from '@/data/jobRecord'

/** The documentation sheet of a kept job. */
export function documentRecord(job: JobRecord): Documentation {
  return documentJob({ ...job, bench: job.runs[0].bench })
}
