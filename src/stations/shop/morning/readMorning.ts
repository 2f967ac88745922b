import { dayOf } from '@/core/units/moment'
import { firstMix } from '@/core/ink/mix'
import { mixViscosity } from '@/core/ink/mixViscosity'
import type { ShelfInk } from '@/core/ink/shelfInk'
import type { InkCalibration } from '@/core/ink/stiffness'
import type { JobStanding } from '@/core/morning/jobStanding'
import type { MorningJob } from '@/core/morning/morningSheet'

/** What the morning sheet needs of a job that is under way. @param zone of whoever reads it */
export function readMorning(
  { line, pulledAts, readyAt, ...job }: JobStanding,
  shelf: readonly ShelfInk[],
  { now, zone }: { now: string; zone: string },
  calibration: InkCalibration,
  facings: readonly { afterPulls: number }[] = [],
): MorningJob {
  const mix = firstMix(job.bench.ink)
  const today = dayOf(now, zone)
  return {
    ...job,
    mixPas: mix ? mixViscosity(mix, shelf, calibration) : null,
    calibration,
    plateHistory: { facedAfter: facings.at(-1)?.afterPulls ?? null, line },
    pulledToday: pulledAts.some((pulledAt) => dayOf(pulledAt, zone) === today),
    drying: readyAt === null ? null : { ready: readyAt <= now, when: dayOf(readyAt, zone) },
  }
}
