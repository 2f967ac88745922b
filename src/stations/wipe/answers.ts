import { clock } from '@/core/units/clock'
import { QUANTITIES } from '@/core/edition/quantities'
import { PLATE_TONES, type PlateTone } from '@/core/plate/plateTone'
import { TONE_SPOTS, type ToneSpot } from '@/core/plate/zoneMap'
import { counted } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'
import { listed } from '@/core/units/listed'
import type { RoomAnswer } from '@/ui/Answer'

/** A wipe that differs from its plan by less is as planned, s. */
const AS_PLANNED_S = 10

/** How long the last wipe took beside its plan. */
function lastWords(seconds: number, lastSeconds: number | null): string {
  if (lastSeconds === null) return 'Not wiped by the timer yet.'
  const by = lastSeconds - seconds
  if (Math.abs(by) <= AS_PLANNED_S) return `The last wipe took ${clock(lastSeconds)}, as planned.`
  return `The last wipe took ${clock(lastSeconds)}, ${clock(Math.abs(by))} ${by > 0 ? 'longer' : 'shorter'} than planned.`
}

/** Inks that go on one by one, each with its own cycle. */
export interface Colours {
  inks: number
  /** of inking and wiping together */
  seconds: number
  /** when the sheet is lifted so that both are ready together; null: before the plate is begun */
  lift: { step: string; afterSeconds: number } | null
}

/** When the sheet is lifted: its clock runs back from the last colour. */
const liftWords = ({ lift }: Colours): string =>
  lift
    ? `Lift the sheet during “${lift.step}”${lift.afterSeconds >= 10 ? `, ${clock(lift.afterSeconds)} in` : ''}.`
    : 'Lift the sheet before the first ink.'

/** How long the plate is wiped, in how many steps, and how the last wipe was beside it. @param colours of a plate with several inks; null: it has one */
export function wipeAnswer(
  steps: number,
  seconds: number,
  plateTone: PlateTone | null,
  lastSeconds: number | null,
  colours: Colours | null = null,
): RoomAnswer {
  if (steps === 0)
    return {
      says: 'Choose how to wipe',
      because: 'Begin from a method, then change its steps to your own.',
      asks: { words: 'Go to the methods', anchor: 'wipe-method' },
    }
  if (colours)
    return {
      says: `Ink and wipe ${clock(colours.seconds)}, ${colours.inks} colours one by one`,
      because: `${liftWords(colours)} ${lastWords(colours.seconds, lastSeconds)}`,
    }
  return {
    says: `Wipe ${clock(seconds)} in ${counted(steps, 'step')}`,
    because: `${plateTone ? `${PLATE_TONES[plateTone]}. ` : ''}${lastWords(seconds, lastSeconds)}`,
  }
}

/** What is risked where inks meet. */
const riskWords = ({ mm, isLeast }: { mm: string; isLeast: boolean }): string =>
  `${mm} of border where colours may mix${isLeast ? ': the least there is' : ', more than has to be'}.`

/** In which order the inks go on, and what is risked. @param bare zones without an ink that are not kept white */
export function poupeeAnswer(
  names: readonly string[],
  bare: readonly string[],
  risk: { mm: string; isLeast: boolean },
): RoomAnswer {
  if (names.length === 0)
    return { says: 'Choose an ink for each zone', because: 'The order follows from how they meet.' }
  return {
    says: names.length === 1 ? `One ink: ${names[0]}` : `Ink ${names.join(', then ')}`,
    because:
      bare.length > 0
        ? `${listed(bare)} ${bare.length === 1 ? 'takes' : 'take'} no ink: wiped only. ${riskWords(risk)}`
        : riskWords(risk),
  }
}

/** A pull's readings beside the BAT's: which spot is furthest off. */
export function toneAnswer(
  pull: { name: string; readings: Partial<Record<ToneSpot, number>> } | null,
  bat: { name: string; readings: Partial<Record<ToneSpot, number>> } | null,
): RoomAnswer {
  if (!pull) return { says: 'Nothing is pulled yet', because: 'The first proof gives the first reading.' }
  const read = (Object.keys(TONE_SPOTS) as ToneSpot[]).filter((spot) => pull.readings[spot] !== undefined)
  if (read.length === 0)
    return {
      says: `Read the three spots of ${pull.name}`,
      because: 'At the same places on every print: a bright one, a middle one, a dark one.',
      asks: { words: 'Go to the first', anchor: 'tone-first' },
    }
  const offs = read.flatMap((spot) => {
    const held = bat?.readings[spot]
    return held === undefined ? [] : [{ spot, off: pull.readings[spot]! - held }]
  })
  if (!bat || offs.length === 0)
    return {
      says: `${pull.name} is read`,
      because: bat
        ? 'The BAT has no readings of this kind to hold it against.'
        : 'There is no BAT to hold it against yet.',
    }
  const worst = offs.reduce((a, b) => (Math.abs(b.off) > Math.abs(a.off) ? b : a))
  const outside = Math.abs(worst.off) > QUANTITIES[worst.spot].tolerance
  return {
    says: outside
      ? `◆ ${pull.name} is ${formatNumber(Math.abs(worst.off), 2)} D ${worst.off > 0 ? 'darker' : 'lighter'} than the BAT`
      : `${pull.name} matches the BAT’s tone`,
    because: `${TONE_SPOTS[worst.spot]} is furthest off: ${worst.off > 0 ? '+' : '−'}${formatNumber(Math.abs(worst.off), 2)} D of ${formatNumber(QUANTITIES[worst.spot].tolerance, 2)} allowed.`,
  }
}
