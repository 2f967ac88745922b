import { coolingOf, warmthLeft } from '../ink/plateCooling'
import type { InkCalibration } from '../ink/stiffness'
import { minutesOffTheHeat } from '../wipe/offTheHeat'
import type { Bench } from './settings'

/** How much of its warmth a plate still has when it comes under the roller, and what that was reckoned from. */
export interface WarmthAtRoller {
  /** from the heat to the roller */
  minutes: number
  /** minutes in which it loses 63 % of its warmth, as the workshop timed it or as plates of its kind do */
  coolingTauMinutes: number
  isTimed: boolean
  /** share of the warmth above the room that is left; 1: all of it */
  left: number
}

/** Warmth at the roller of a plate wiped in the bench's order; null while plate or wiping is not set. */
export function warmthAtRoller(
  { plate, wipe }: Pick<Bench, 'plate' | 'wipe'>,
  { coolingTauMinutes: timed }: Pick<InkCalibration, 'coolingTauMinutes'>,
): WarmthAtRoller | null {
  if (!plate || !wipe) return null
  const minutes = minutesOffTheHeat(wipe)
  const coolingTauMinutes = timed ?? coolingOf(plate)
  return {
    minutes,
    coolingTauMinutes,
    isTimed: timed !== null,
    left: warmthLeft(minutes, coolingTauMinutes),
  }
}
