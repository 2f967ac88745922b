import type { CarriedOver } from '@/core/press/carryOver'
import { formatTurns, type PressSetting } from '@/core/press/pressSetting'
import { capital } from '@/core/units/capital'
import { plural } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'
import { formatFine } from '@/core/units/quantity'
import type { RoomAnswer } from '@/ui/Answer'
import type { SumRows } from '@/ui/Sum'
import type { Loose } from '../across/bench/useStation'

/** A turn that nobody would make: half an eighth. */
const UNTURNED = 1 / 16

/** Where both screws are, in words: "Both screws at 3 turns". */
function screwsAt(left: number, right: number): string {
  return Math.abs(left - right) < 1e-9
    ? `Both screws at ${formatTurns(left)}`
    : `Left screw at ${formatTurns(left)}, right at ${formatTurns(right)}`
}

/** What the press is asked beside its setting. */
export interface PressAsked {
  isByHand: boolean
  /** peak pressure as a percentage of the BAT's, left and right; null: nothing to compare */
  share: { left: number | null; right: number | null }
  /** the BAT's pressure carried over to what lies under the roller now; null: nothing is otherwise */
  carried: { turns: number; changed: readonly string[] } | null
  /** what speaks against the setting: the BAT's pressure cannot be had here, or nothing is pressed, or too much; null: nothing */
  doubt: string | null
  gapMm: number | null
  isHeld: boolean
}

/** What the screws come to, line by line. */
const pressureSum = (gapMm: number | null, { left, right }: PressAsked['share']): SumRows => [
  ...(gapMm === null ? [] : [{ label: 'Gap between roller and bed', value: formatFine(gapMm, 2) }]),
  ...(left === null || right === null
    ? []
    : [
        { label: 'Pressure at left, BAT = 100 %', value: `${formatNumber(left, 0)} %` },
        { label: 'Pressure at right', value: `${formatNumber(right, 0)} %` },
      ]),
]

/** What to turn, or that nothing is to be turned. */
export function pressAnswer(
  press: Loose<PressSetting>,
  { isByHand, share, carried, doubt, gapMm, isHeld }: PressAsked,
): RoomAnswer {
  if (!press.pressId)
    return {
      says: 'Choose the press',
      because: 'Its screws, its roller and its blankets make the pressure.',
      asks: { words: 'Go to the list', anchor: 'press-choice' },
    }
  if (isByHand)
    return {
      says: `Rub from the middle outward, ${press.passes ?? 1} ${plural(press.passes ?? 1, 'pass', 'passes')}`,
      because: 'By hand there is nothing to turn: what the proof shows is the measure.',
    }
  if (!press.pack?.length)
    return {
      says: 'Lay the blankets',
      because: 'What is pressed, and how far, follows from them.',
      asks: { words: 'Go to the blankets', anchor: 'press-pack' },
    }
  const [left, right] = [press.readingLeft ?? 0, press.readingRight ?? 0]
  if (carried) {
    const by = carried.turns - (left + right) / 2
    if (Math.abs(by) >= UNTURNED)
      return {
        says: `${by < 0 ? 'Tighten' : 'Loosen'} both screws ${formatTurns(Math.abs(by))}, to ${formatTurns(carried.turns)}`,
        because: `Not as at the BAT: ${carried.changed.join(', ')}. There the pressure is the BAT’s again.`,
      }
  }
  if (doubt !== null) return { says: `◆ ${screwsAt(left, right)}: not yet right`, because: doubt }
  const gap = gapMm === null ? '' : ` The gap is ${formatFine(gapMm, 2)}.`
  const { left: first, right: second } = share
  const sum = pressureSum(gapMm, share)
  if (isHeld && first !== null && second !== null)
    return {
      sum,
      says: screwsAt(left, right),
      because: `${formatNumber((first + second) / 2, 0)} % of the BAT’s pressure, by our model of the blankets.${gap}`,
    }
  return {
    sum,
    says: screwsAt(left, right),
    because: `${isHeld ? 'Set plate and paper to compare it with the BAT.' : 'The first proof says whether that is right.'}${gap}`,
  }
}

/** The BAT's pressure as it is read on the screws, to an eighth; null: nothing is otherwise, or it cannot be had. */
export function carriedTurns(
  carried: CarriedOver | null,
  correctionTurns: number,
): { turns: number; changed: readonly string[] } | null {
  if (!carried?.ok) return null
  return {
    turns: Math.max(0, Math.round((carried.turns + correctionTurns) * 8) / 8),
    changed: carried.changed,
  }
}

/** Why the BAT's pressure cannot be had with what lies under the roller; null: it can, or nothing is otherwise. */
export const refusedWords = (carried: CarriedOver | null): string | null =>
  carried && !carried.ok
    ? `${capital(carried.changed.join(', '))}: the BAT’s pressure ${carried.message}.`
    : null
