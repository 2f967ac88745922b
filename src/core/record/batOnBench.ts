import type { Pull } from '../edition/pull'
import type { Passes } from '../prove/features'
import type { Settings } from '../prove/settings'
import type { Tolerances } from '../prove/tolerance'
import type { Bat } from './jobFile'

/** What the run on the bench is held to. */
export interface HeldBat {
  version: number
  settings: Settings
  tolerances: Tolerances
  passes: Passes
  proofPullId: string
  wetMinutes: number | null
  /** approved from a picture, and no print seen since */
  isFromPicture: boolean
}

/** The newest BAT as far as it speaks of a run; null: none of this run's proofs was approved yet. */
export function batOfRun(bats: readonly Bat[], position: number): HeldBat | null {
  const bat = bats.at(-1)
  const run = bat?.runs.find((one) => one.position === position)
  return bat && run
    ? {
        version: bat.version,
        settings: run.settings,
        tolerances: run.tolerances,
        passes: run.passes,
        proofPullId: run.proofPullId ?? bat.proofPullId,
        wetMinutes: bat.wetMinutes,
        isFromPicture: run.fromPicture !== null && run.fromPicture.seen === null,
      }
    : null
}

/** The approved pull of the run on the bench, and the one at the other end of what passes, as pulls. */
export function batPulls<P extends Pick<Pull, 'id'> & { runPosition: number }>(job: {
  bats: readonly Bat[]
  openRun: number
  pulls: readonly P[]
}): { proof: P | null; otherEnd: P | null } {
  const held = batOfRun(job.bats, job.openRun)
  const of = (id: string | null | undefined) =>
    job.pulls.find((pull) => pull.id === id && pull.runPosition === job.openRun) ?? null
  return { proof: of(held?.proofPullId), otherEnd: held ? of(job.bats.at(-1)?.otherProofPullId) : null }
}
