import { count, label } from '@/core/units/schemas'

/** What every change of a job says: which job, and from which of its revisions it was made. */
export const JOB_TARGET = { jobId: label, revision: count }
