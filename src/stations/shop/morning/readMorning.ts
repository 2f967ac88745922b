import { dayOf } from '@/core/units/moment'
import { isSameName } from '@/core/units/byName'
import { firstMix } from '@/core/ink/mix'
import { mixViscosity } from '@/core/ink/mixViscosity'
import type { InkCalibration } from '@/core/ink/stiffness'
import { plateHistory } from '@/core/edition/plateHistory'
import { pullsOnBench, runOnBench } from '@/core/edition/runs'
import { batOfRun, batPulls } from '@/core/record/batOnBench'
import { readPull } from '@/core/edition/pull'
import type { MorningJob } from '@/core/morning/morningSheet'
import type { ShelfInk } from '@/core/ink/shelfInk'
import type { JobRecord } from '@/data/record/jobRecord'

/** What the morning sheet needs of a job that is under way. @param zone of whoever reads it */
export function readMorning(
  job: JobRecord,
  shelf: readonly ShelfInk[],
  { now, zone }: { now: string; zone: string },
  calibration: InkCalibration,
  facings: readonly { afterPulls: number }[] = [],
): MorningJob {
  const { bench } = runOnBench(job)
  const mix = firstMix(bench.ink)
  const pulls = pullsOnBench(job)
  const decisions = pulls
    .filter(({ kind }) => kind === 'edition')
    .map((pull) => readPull(pull).decision?.decision)
  const drying = job.dryings.at(-1)
  const today = dayOf(now, zone)
  return {
    id: job.id,
    title: job.title,
    bench,
    bat: batOfRun(job.bats, job.openRun)?.settings ?? null,
    mixPas: mix ? mixViscosity(mix, shelf, calibration) : null,
    calibration,
    pullsFromPlate: pulls.length,
    plateHistory: plateHistory(pulls, batPulls(job).proof, facings),
    pullsFromMix: job.pulls.filter((pull) => isSameName(firstMix(pull.settings.ink), mix)).length,
    editionSize: job.editionSize,
    accepted: decisions.filter((decision) => decision === 'accepted').length,
    rejected: decisions.filter((decision) => decision === 'rejected').length,
    pulledToday: job.pulls.some(({ pulledAt }) => dayOf(pulledAt, zone) === today),
    drying: drying ? { ready: drying.readyAt <= now, when: dayOf(drying.readyAt, zone) } : null,
  }
}
