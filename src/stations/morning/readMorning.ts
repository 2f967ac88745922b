import { mixViscosity } from '@/core/ink/mixViscosity'
import type { InkCalibration } from '@/core/ink/stiffness'
import { plateHistory } from '@/core/edition/plateHistory'
import { readPull } from '@/core/edition/pull'
import type { MorningJob } from '@/core/morning/morningSheet'
import type { ShelfInk } from '@/core/ink/shelfInk'
import type { JobRecord } from '@/data/jobRecord'

/** What the morning sheet needs of a job that is under way. */
export function readMorning(job: JobRecord, shelf: readonly ShelfInk[], now: string, calibration: InkCalibration, facings: readonly { afterPulls: number }[] = []): MorningJob {
  const { bench } = job.runs[0]
  const decisions = job.pulls.filter(({ kind }) => kind === 'edition').map((pull) => readPull(pull).decision?.decision)
  const drying = job.dryings.at(-1)
  const today = now.slice(0, 10)
  return {
    id: job.id, title: job.title, bench, bat: job.bats.at(-1)?.runs[0].settings ?? null, mixPas: bench.ink ? mixViscosity(bench.ink, shelf, calibration) : null, calibration,
    pullsFromPlate: job.pulls.length, plateHistory: plateHistory(job.pulls, job.pulls.find(({ id }) => id === job.bats.at(-1)?.proofPullId) ?? null, facings), pullsFromMix: job.pulls.filter((pull) => pull.settings.ink.name === bench.ink?.name).length,
    editionSize: job.editionSize, accepted: decisions.filter((decision) => decision === 'accepted').length, rejected: decisions.filter((decision) => decision === 'rejected').length,
    pulledToday: job.pulls.some(({ pulledAt }) => pulledAt.startsWith(today)),
    drying: drying ? { ready: drying.readyAt <= now, when: drying.readyAt.slice(0, 10) } : null,
  }
}
