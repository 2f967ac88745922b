import { dayOf, isOnDay, saidDayOf } from '@/core/units/moment'
import { mixViscosity } from '@/core/ink/mixViscosity'
import type { ShelfInk } from '@/core/ink/shelfInk'
import type { InkCalibration } from '@/core/ink/stiffness'
import { jobNeed, type KnownBeside } from '@/core/record/jobNeed'
import type { JobStanding } from '@/core/morning/jobStanding'
import type { MorningJob } from '@/core/morning/morningSheet'

/** What the morning sheet needs of a job that is under way. @param zone of whoever reads it @param beside what the workshop knows beside its record */
export function readMorning(
  { work, pulledAts, readyAt, ...job }: JobStanding,
  shelf: readonly ShelfInk[],
  { now, zone }: { now: string; zone: string },
  calibration: InkCalibration,
  beside: KnownBeside,
): MorningJob {
  const mixes = job.bench.ink?.mixes ?? []
  const today = dayOf(now, zone)
  return {
    ...job,
    mixesPas: Object.fromEntries(mixes.map((mix) => [mix.id, mixViscosity(mix, shelf, calibration)])),
    calibration,
    need: jobNeed(job.bench, work, beside),
    pulledToday: pulledAts.some((pulledAt) => isOnDay(pulledAt, today, zone)),
    drying: readyAt === null ? null : { ready: readyAt <= now, when: saidDayOf(readyAt, zone) },
  }
}
