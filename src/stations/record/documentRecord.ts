import { documentJob, type Documentation } from '@/core/record/documentation'
import type { JobRecord } from '@/data/record/jobRecord'

/** The documentation sheet of a kept job. @param zone of whoever asks for it */
export function documentRecord(job: JobRecord, zone: string): Documentation {
  return documentJob({ ...job, bench: job.runs[0].bench }, zone)
}
