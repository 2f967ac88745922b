import type { PlateHistory } from '../plate/plateLife'
import { runSeries, wearOfRun } from './editionProgress'
import type { Pull } from './pull'

/**
 * What a plate's own pulls and facings say of its life. The wear forecast counts pulls of the edition; the plate's life counts
 * every pull, so the bounds are moved by the proofs and warm-ups.
 *
 * @param bat the pull that was approved, with its readings; null: none
 */
export function plateHistory(
  pulls: readonly Pull[],
  bat: Pull | null,
  facings: readonly { afterPulls: number }[],
): PlateHistory {
  const wear = wearOfRun(runSeries(pulls, bat))?.forecast
  const others = pulls.filter(({ kind }) => kind !== 'edition').length
  return {
    facedAfter: facings.at(-1)?.afterPulls ?? null,
    wear:
      wear && wear.low !== null
        ? { low: wear.low + others, high: wear.high === null ? null : wear.high + others }
        : null,
  }
}
