import { sheetsToPrint } from '@/core/edition/dryBetween'
import { givenOf, nameOfGiven } from '@/core/edition/givenSheets'
import { isPrint, readPull } from '@/core/edition/readPull'
import { pullsOnBench, runOnBench } from '@/core/edition/runs'
import { purposeFacts } from '@/core/prove/purpose'
import { batOfRun } from '@/core/record/batOnBench'
import type { KnownBeside } from '@/core/record/jobNeed'
import { workAhead } from '@/core/record/workAhead'
import type { KnownPresses } from '@/data/press/presses'
import type { JobRecord } from '@/data/record/jobRecord'
import type { BenchJob } from './BenchContext'

/** What the bench is held against while there is no BAT; nothing in a class, where every plate is another's. */
function lastTried<P extends { kind: string }>({ purpose }: Pick<JobRecord, 'purpose'>, pulls: readonly P[]) {
  const { asksBat, hasRoster } = purposeFacts(purpose)
  if (hasRoster) return undefined
  return pulls.findLast(({ kind }) => kind === 'proof' || (!asksBat && kind === 'edition'))
}

/** The existing print that is printed over next in the run on the bench; null: the job begins on fresh sheets, or none waits. */
function printedOverNext(job: JobRecord, now: string): BenchJob['onto'] {
  if (job.givenSheets.length === 0) return null
  const [sheet] = sheetsToPrint(job, job.runs.indexOf(runOnBench(job)), now)
  const given = givenOf(job.givenSheets, sheet ?? 0)
  return given && { name: nameOfGiven(given), imageId: given.imageId }
}

/** What the stations need of a job, from everything that is kept of it and what the workshop knows beside it. @param now ISO 8601 in UTC */
export function readBench(
  job: JobRecord,
  beside: KnownBeside,
  knownPresses: KnownPresses,
  now: string,
): BenchJob {
  const bat = batOfRun(job.bats, job.openRun)
  const pulls = pullsOnBench(job)
  const proofs = pulls.filter((pull) => pull.kind === 'proof')
  const last = lastTried(job, pulls)
  const run = runOnBench(job)
  const accepted = pulls.filter(
    (pull) => isPrint(pull) && readPull(pull).decision?.decision === 'accepted',
  ).length
  return {
    id: job.id,
    slug: job.slug,
    title: job.title,
    revision: job.revision,
    bench: run.bench,
    run: { position: run.position, name: run.name, count: job.runs.length },
    purpose: job.purpose,
    onto: printedOverNext(job, now),
    bat: bat
      ? {
          version: bat.version,
          settings: bat.settings,
          tolerances: bat.tolerances,
          passes: bat.passes,
          isFromPicture: bat.isFromPicture,
        }
      : null,
    proofs: proofs.length,
    lastTry: last
      ? { kind: last.kind === 'proof' ? 'proof' : 'print', number: last.number, settings: last.settings }
      : null,
    accepted,
    editionSize: job.editionSize,
    pullsFromPlate: run.earlierPulls + pulls.length,
    work: workAhead(job),
    beside,
    knownPresses,
    numbered: job.prints.length > 0,
    drying: job.dryings.length > 0,
  }
}
