import type { CarriedOver } from '@/core/press/carryOver'
import type { HandKind } from '@/core/press/handPrinting'
import type { PressSetting } from '@/core/press/pressSetting'
import {
  amountOnScale,
  readingWords,
  readingsWords,
  sameWithin,
  settable,
  stepsTighter,
  tightened,
  type PressureScale,
} from '@/core/press/pressureScale'
import { turnsScale } from '@/core/press/usualScales'
import type { LearnedPressure } from '@/core/press/pressureTrials'
import { startReason, type Start } from '@/core/press/startingPressure'
import { capital } from '@/core/units/capital'
import { plural } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'
import { formatFine } from '@/core/units/quantity'
import type { RoomAnswer } from '@/ui/Answer'
import type { SumRows } from '@/ui/Sum'
import type { Loose } from '../across/bench/useStation'

/** Where the press is set, in words: "Both screws at 3 turns", "Notch 3, then notch 2", "Set at “usual”". */
function standsWords({
  scale: read,
  readingLeft,
  readingRight,
  laterPasses,
  makeReadyMm,
}: Loose<PressSetting>): string {
  const scale = read ?? turnsScale(null)
  const [left, right] = [readingLeft ?? 0, readingRight ?? 0]
  const then = (laterPasses ?? []).map((pass) => `, then ${readingsWords(scale, pass)}`).join('')
  if (scale.id === 'fixed')
    return makeReadyMm
      ? `Packed with ${formatFine(makeReadyMm, 2)} under the plate`
      : 'Nothing under the plate'
  if (scale.names.length > 0) return `Set at ${readingWords(scale, left)}${then}`
  if (scale.sides === 1) return `${capital(readingWords(scale, left))}${then}`
  const side = scale.id === 'turns' ? 'screw' : 'side'
  return Math.abs(left - right) < 1e-9
    ? `Both ${side}s at ${readingWords(scale, left)}${then}`
    : `Left ${side} at ${readingWords(scale, left)}, right at ${readingWords(scale, right)}${then}`
}

/** What the press is asked beside its setting. */
export interface PressAsked {
  /** how it is pressed by hand; null: under a roller */
  handKind: HandKind | null
  /** peak pressure as a percentage of the BAT's, left and right; null: nothing to compare */
  share: { left: number | null; right: number | null }
  /** the BAT's pressure carried over to what lies under the roller now; null: nothing is otherwise */
  carried: { reading: number; changed: readonly string[] } | null
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
  { handKind, share, carried, doubt, gapMm, isHeld }: PressAsked,
): RoomAnswer {
  if (!press.pressId)
    return {
      says: 'Choose the press',
      because: 'Its screws, its roller and its blankets make the pressure.',
      asks: { words: 'Go to the list', anchor: 'press-choice' },
    }
  if (handKind) return handAnswer(press, handKind)
  if (!press.packName)
    return {
      says: 'Lay the blankets',
      because: 'What is pressed, and how far, follows from them.',
      asks: { words: 'Go to the blankets', anchor: 'press-pack' },
    }
  const scale = press.scale ?? turnsScale(null)
  const [left, right] = [press.readingLeft ?? 0, press.readingRight ?? 0]
  if (carried) {
    const stands = (left + right) / 2
    if (Math.abs(carried.reading - stands) >= sameWithin(scale) / 2) {
      const by = stepsTighter(scale, stands, carried.reading)
      const what = scale.id === 'turns' && scale.sides === 2 ? ' both screws' : ''
      return {
        says: `${by > 0 ? 'Tighten' : 'Loosen'}${what} ${amountOnScale(scale, carried.reading - stands)}, to ${readingWords(scale, carried.reading)}`,
        because: `Not as at the BAT: ${carried.changed.join(', ')}. There the pressure is the BAT’s again.`,
      }
    }
  }
  if (doubt !== null) return { says: `◆ ${standsWords(press)}: not yet right`, because: doubt }
  const gap = gapMm === null ? '' : ` The gap is ${formatFine(gapMm, 2)}.`
  const { left: first, right: second } = share
  const sum = pressureSum(gapMm, share)
  if (isHeld && first !== null && second !== null)
    return {
      sum,
      says: standsWords(press),
      because: `${formatNumber((first + second) / 2, 0)} % of the BAT’s pressure, by our model of the blankets.${gap}`,
    }
  return {
    sum,
    says: standsWords(press),
    because: `${unknownWords(isHeld, gapMm)}${gap}`,
  }
}

/** Why nothing is compared with a BAT. */
function unknownWords(isHeld: boolean, gapMm: number | null): string {
  if (isHeld) return 'Set plate and paper to compare it with the BAT.'
  return gapMm === null
    ? 'The print says whether that is right: say so below, and the next setting is named.'
    : 'The first proof says whether that is right.'
}

/** How the next print is pressed by hand. */
function handAnswer({ passes, readingLeft, scale }: Loose<PressSetting>, kind: HandKind): RoomAnswer {
  const times = passes ?? 1
  const weight = scale ? `, ${readingWords(scale, readingLeft ?? 0)}` : ''
  return {
    says: `${kind === 'baren' ? 'Rub' : 'Roll'} from the middle outward, ${times} ${plural(times, 'pass', 'passes')}${weight}`,
    because: 'By hand there is nothing to turn: what the proof shows is the measure.',
  }
}

/** Where to begin before anything was approved here; null: it stands there already. */
export function startAnswer(press: PressSetting, start: Start): RoomAnswer | null {
  const { scale } = press
  const lays = start.makeReadyMm !== null && Math.abs(start.makeReadyMm - press.makeReadyMm) > 1e-9
  const isThere =
    !lays && Math.abs(start.reading - (press.readingLeft + press.readingRight) / 2) < sameWithin(scale) / 2
  if (isThere) return null
  return {
    says: `Start at ${readingWords(scale, start.reading)}${lays ? `, ${formatFine(start.makeReadyMm!, 2)} under the plate` : ''}`,
    because: startReason(start),
  }
}

/** The BAT's pressure as this press is read, moved by what it has taught; null: nothing is otherwise, or it cannot be had. */
export function carriedReading(
  carried: CarriedOver | null,
  scale: PressureScale,
  learned: LearnedPressure | null,
): { reading: number; changed: readonly string[] } | null {
  if (!carried?.ok) return null
  const by = learned && learned.trials > 0 ? learned.tighterBy : 0
  return { reading: settable(scale, tightened(scale, carried.reading, by)), changed: carried.changed }
}

/** Why the BAT's pressure cannot be had with what lies under the roller; null: it can, or nothing is otherwise. */
export const refusedWords = (carried: CarriedOver | null): string | null =>
  carried && !carried.ok
    ? `${capital(carried.changed.join(', '))}: the BAT’s pressure ${carried.message}.`
    : null
