import { batOfRun } from '../record/batOnBench'
import type { Bat, Drying, FiledPull } from '../record/jobFile'
import type { GivenSheet } from '../edition/givenSheets'
import { isPrint, readPull } from '../edition/readPull'
import type { Purposed } from '../prove/purpose'
import { pullsOnBench, runOnBench, type Run, type SheetMark } from '../edition/runs'
import type { WorkAhead } from '../record/jobNeed'
import { workAhead } from '../record/workAhead'
import type { Bench } from '../prove/settings'

/** Where a job stands by its own record, whatever the time and the room. */
export interface JobStanding extends Purposed {
  id: string
  title: string
  /** the run on the bench, and what it is held to; null while proving */
  bench: Bench
  bat: Bench | null
  work: WorkAhead
  /** the paper of its first run, where sheets begin; null: none is set */
  paperId: string | null
  accepted: number
  rejected: number
  /** moments of all its pulls, of every run */
  pulledAts: string[]
  /** when the prints laid down last are ready; null: none was */
  readyAt: string | null
}

interface Recorded extends Purposed {
  id: string
  title: string
  openRun: number
  runs: readonly Run[]
  pulls: readonly FiledPull[]
  bats: readonly Bat[]
  dryings: readonly Drying[]
  sheetMarks: readonly SheetMark[]
  givenSheets: readonly GivenSheet[]
}

/** Reads out of a job's record where it stands. A print counts as accepted or rejected by its pull of the run on the bench. */
export function jobStanding(job: Recorded): JobStanding {
  const { bench } = runOnBench(job)
  const pulls = pullsOnBench(job)
  const decisions = pulls.filter(isPrint).map((pull) => readPull(pull).decision?.decision)
  return {
    id: job.id,
    title: job.title,
    purpose: job.purpose,
    editionSize: job.editionSize,
    bench,
    bat: batOfRun(job.bats, job.openRun)?.settings ?? null,
    work: workAhead(job),
    paperId: job.runs[0]?.bench.paper?.paperId ?? null,
    accepted: decisions.filter((decision) => decision === 'accepted').length,
    rejected: decisions.filter((decision) => decision === 'rejected').length,
    pulledAts: job.pulls.map(({ pulledAt }) => pulledAt),
    readyAt: job.dryings.at(-1)?.readyAt ?? null,
  }
}
