import { learnCycle, type LearnedCycle } from '../day/learnedCycle'
import { plateHistory } from '../edition/plateHistory'
import { isPrint, readPull } from '../edition/readPull'
import type { Pull } from '../edition/pull'
import { pullsOnBench, runOnBench } from '../edition/runs'
import { purposeFacts } from '../prove/purpose'
import { batOfRun, batPulls } from './batOnBench'
import type { Bat, FiledPull } from './jobFile'
import type { WorkAhead } from './jobNeed'
import { PROOFS_TO_COME } from './sure'
import { readThrough, type SheetsOfJob } from './through'

type Recorded = SheetsOfJob & { bats: readonly Bat[]; pulls: readonly FiledPull[] }

/** Pulls of the edition from which its own cycle is learned, without the proofs before it, which take longer. */
const OWN_CYCLE_FROM = 4

/** The cycle that a run's own pulls teach; null with too few. */
export function cycleOf(pulls: readonly Pull[]): LearnedCycle | null {
  const edition = pulls.filter(isPrint)
  return learnCycle(
    (edition.length >= OWN_CYCLE_FROM ? edition : pulls).map((pull) => ({
      ...pull,
      wipeSeconds: readPull(pull).wipeSeconds,
    })),
  )
}

function pullsByMix(pulls: readonly FiledPull[]): WorkAhead['mixes'] {
  const counts = new Map<string, number>()
  for (const { settings } of pulls)
    for (const { name } of settings.ink.mixes) counts.set(name, (counts.get(name) ?? 0) + 1)
  return [...counts].map(([name, made]) => ({ name, pulls: made }))
}

/** Reads out of a job's record what is still to be done. */
export function workAhead(job: Recorded): WorkAhead {
  const pulls = pullsOnBench(job)
  const { earlierPulls } = runOnBench(job)
  return {
    through: readThrough(job),
    proofs: !purposeFacts(job.purpose).asksBat || batOfRun(job.bats, job.openRun) ? 0 : PROOFS_TO_COME,
    pullsFromPlate: earlierPulls + pulls.length,
    mixes: pullsByMix(job.pulls),
    line: plateHistory(pulls, batPulls(job), [], earlierPulls).line,
    minutesPerPull: cycleOf(pulls)?.cycleMinutes ?? null,
  }
}
