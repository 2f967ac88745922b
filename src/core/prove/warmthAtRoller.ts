import { coolingOf, warmthLeft } from '../ink/plateCooling'
import { inkTemperature, type InkCalibration } from '../ink/stiffness'
import { minutesIfWarmedAgain, minutesOffTheHeat } from '../wipe/offTheHeat'
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

/** A plate that leaves the heat, and what becomes of it and its ink by the roller. */
export interface OnItsWay {
  /** of the plate under the roller, °C */
  thereC: number
  /** stiffness of the ink there over that off the heat */
  stiffer: number
  /** of the plate under the roller if it were warmed once more after the edges, °C */
  againC: number
}

/**
 * What the way to the roller does: T = T_room + left·(T₀ − T_room), and the ink stiffens by 2^(ΔT_ink / halving).
 *
 * @param startC as the plate leaves the heat
 */
export function onItsWayToTheRoller(
  { left, coolingTauMinutes }: Pick<WarmthAtRoller, 'left' | 'coolingTauMinutes'>,
  {
    roomC,
    startC,
    halvingC,
    wipe,
  }: { roomC: number; startC: number; halvingC: number; wipe: NonNullable<Bench['wipe']> },
): OnItsWay {
  const at = (share: number) => roomC + share * (startC - roomC)
  const cooler = inkTemperature(roomC, startC) - inkTemperature(roomC, startC, left)
  return {
    thereC: at(left),
    stiffer: 2 ** (cooler / halvingC),
    againC: at(warmthLeft(minutesIfWarmedAgain(wipe), coolingTauMinutes)),
  }
}
