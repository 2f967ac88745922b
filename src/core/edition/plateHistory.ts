import type { PlateReading } from '../plate/leftOnPlate'
import type { PlateHistory } from '../plate/plateLife'
import { runSeries } from './editionProgress'
import { readPull } from './readPull'
import type { Hands, Pull } from './pull'
import type { Quantity } from './quantities'

/** Spots whose tone falls as the plate wears, darkest first. */
export const WEARING_SPOTS: readonly Quantity[] = ['tone1', 'tone2', 'tone3']

/** Whose hand a print is by: who wiped it, else who inked; '': nobody said. */
export const handOf = ({ wiped, inked }: Hands): string => wiped ?? inked ?? ''

/** The readings of one spot through the edition, by the plate's own count of pulls. */
export interface WearingLine {
  quantity: Quantity
  floor: number
  readings: PlateReading[]
}

/**
 * What wears, as it was read: the darkest spot that the approved proof has a reading of. Only prints of the edition count, which are made
 * by the approved settings; each by how many pulls the plate had by then, proofs and warm-ups too.
 *
 * @param pulls all that the plate made, in their order
 * @param bat the proof that was approved, and the palest that still passes; each null: none
 * @param earlier pulls the plate had made before this job
 */
export function wearingLine(
  pulls: readonly Pull[],
  { proof, otherEnd }: { proof: Pull | null; otherEnd: Pull | null },
  earlier = 0,
): WearingLine | null {
  const series = runSeries(pulls, proof, otherEnd)
  const run = WEARING_SPOTS.flatMap((spot) => series.find(({ quantity }) => quantity === spot) ?? []).find(
    ({ band }) => band !== null,
  )
  if (!run) return null
  return {
    quantity: run.quantity,
    floor: run.band!.low,
    readings: pulls.flatMap((pull, i): PlateReading[] => {
      if (pull.kind !== 'edition') return []
      const { readings, decision } = readPull(pull)
      const value = readings[run.quantity]
      if (value === undefined) return []
      return [
        {
          pull: earlier + i + 1,
          value,
          hand: handOf(pull.hands),
          rejected: decision?.decision === 'rejected',
        },
      ]
    }),
  }
}

/** What a plate's own pulls and facings say of its life. @param pulls all that the plate made, in their order @param bat as for `wearingLine` @param earlier pulls the plate had made before this job */
export function plateHistory(
  pulls: readonly Pull[],
  bat: { proof: Pull | null; otherEnd: Pull | null },
  facings: readonly { afterPulls: number }[],
  earlier = 0,
): PlateHistory {
  const line = wearingLine(pulls, bat, earlier)
  return {
    facedAfter: facings.at(-1)?.afterPulls ?? null,
    line: line && { floor: line.floor, readings: line.readings },
  }
}
