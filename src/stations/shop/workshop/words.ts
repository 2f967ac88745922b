import { printsMade, purposeFacts, purposeWords, sortWords } from '@/core/prove/purpose'
import { counted } from '@/core/units/counted'
import type { JobSummary } from '@/data/shop/jobs'

const PHASE: Record<JobSummary['phase'], (job: JobSummary) => string> = {
  proving: (job) => `being proved: ${counted(job.proofs, 'proof')}`,
  edition: (job) =>
    `${purposeFacts(job.purpose).asksBat ? 'in edition' : 'being printed'}: ${printsMade(job, job.accepted)}${job.rejected ? `, ${job.rejected} rejected` : ''}`,
  sorting: (job) => `pulled: ${job.accepted} to ${sortWords(job)}`,
  signed: (job) => `signed and filed: ${purposeWords(job)}`,
}

/** How far a job is, in a line. */
export const standingWords = (job: JobSummary): string => PHASE[job.phase](job)
