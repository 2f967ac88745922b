import { counted } from '../units/counted'
import { complaintsOf, featureWords } from '../prove/features'
import { MATCH_CHECKS } from '../match/checks/matchCheck'
import { scanDistance } from '../match/scan'
import { QUANTITIES, type Quantity } from '../edition/quantities'
import { readPull } from '../edition/readPull'
import type { Pull } from '../edition/pull'

/** How far an impression is from the BAT, and by what. */
export interface Closeness {
  /** in tolerances: 0 as the BAT, 1 at the edge of what passes */
  distance: number
  /** what says so, most telling first */
  by: string[]
}

/** What a fault adds, in tolerances [common practice, no source]. */
const FAULT = 0.5

/**
 * How close an impression is to the approved proof: the farthest of its readings in units of the tolerance, the scan's farthest check, the eye's "lighter" or
 * "darker" and a feature that differs as the edge of what passes, and half a tolerance more for every fault noted [common practice, no source].
 *
 * @returns null when nothing was read or seen of it that could be compared
 */
export function closenessTo(pull: Pick<Pull, 'events'>, bat: Pick<Pull, 'events'> | null): Closeness | null {
  const { eye, readings, dryReadings, faults, features, match } = readPull(pull)
  const held = bat ? readPull(bat) : null
  const parts = (Object.keys(QUANTITIES) as Quantity[]).flatMap((quantity) => {
    // Dry with dry where both were read so, else wet with wet.
    const isDry = dryReadings[quantity] !== undefined && held?.dryReadings[quantity] !== undefined
    const [value, target] = isDry
      ? [dryReadings[quantity], held.dryReadings[quantity]]
      : [readings[quantity], held?.readings[quantity]]
    return value === undefined || target === undefined
      ? []
      : [
          {
            distance: Math.abs(value - target) / QUANTITIES[quantity].tolerance,
            by: QUANTITIES[quantity].label.toLowerCase(),
          },
        ]
  })
  if (eye) parts.push({ distance: eye === 'same' ? 0 : 1, by: `the eye: ${eye}` })
  for (const [feature, value] of complaintsOf(features))
    parts.push({ distance: 1, by: featureWords(feature, value).toLowerCase() })
  const byScan = match && scanDistance(match)
  if (byScan)
    parts.push({
      distance: byScan.distance,
      by: `the scan: ${MATCH_CHECKS[byScan.check].label.toLowerCase()}`,
    })
  if (parts.length === 0 && faults.length === 0) return null
  const said = parts
    .filter(({ distance }) => distance > 0)
    .sort((a, b) => b.distance - a.distance)
    .map(({ by }) => by)
  return {
    distance: Math.max(0, ...parts.map(({ distance }) => distance)) + FAULT * faults.length,
    by: [...said, ...(faults.length > 0 ? [counted(faults.length, 'fault')] : [])],
  }
}

/** Pulls, the closest to the BAT first; those nothing is known of last, in the order they were pulled. */
export function byCloseness<P extends Pick<Pull, 'events' | 'number'>>(
  pulls: readonly P[],
  bat: Pick<Pull, 'events'> | null,
): P[] {
  const known = pulls.map((pull) => ({ pull, distance: closenessTo(pull, bat)?.distance ?? Infinity }))
  return known
    .sort((a, b) => (a.distance === b.distance ? a.pull.number - b.pull.number : a.distance - b.distance))
    .map(({ pull }) => pull)
}
