import { formatTurns } from './pressSetting'

/** Which screw a stretch is for, and by how much: below zero tightens. */
export interface Stretch {
  kind: 'loosen' | 'tighten'
  left: number
  right: number
  words: string
}

/** How far a screw is taken past its mark before it comes back, turns: it eats the backlash of any usual thread [common practice, no source]. */
export const PAST_TURNS = 0.5

/** Turns less than this are none. */
const NOTHING = 1e-9

/** The way of one screw: what it is loosened by first, then tightened by; every route ends by tightening. */
export function screwRoute(from: number, to: number): { loosen: number; tighten: number } {
  if (to > from + NOTHING) return { loosen: to + PAST_TURNS - from, tighten: PAST_TURNS }
  return { loosen: 0, tighten: Math.max(0, from - to) }
}

const both = (left: number, right: number) =>
  Math.abs(left - right) < NOTHING
    ? `both ${formatTurns(left)}`
    : [
        ...(left > NOTHING ? [`left ${formatTurns(left)}`] : []),
        ...(right > NOTHING ? [`right ${formatTurns(right)}`] : []),
      ].join(', ')

/**
 * How the screws go from where they stand to where they are wanted: first whatever is loosened, one past the mark, then
 * everything tightened together, so that each screw comes to rest from the same side of its thread.
 *
 * @returns nothing where both stand already
 */
export function settingRoute(
  from: { left: number; right: number },
  to: { left: number; right: number },
): Stretch[] {
  const [left, right] = [screwRoute(from.left, to.left), screwRoute(from.right, to.right)]
  return [
    ...(left.loosen > NOTHING || right.loosen > NOTHING
      ? [
          {
            kind: 'loosen' as const,
            left: left.loosen,
            right: right.loosen,
            words: `Loosen ${both(left.loosen, right.loosen)}: past the mark`,
          },
        ]
      : []),
    ...(left.tighten > NOTHING || right.tighten > NOTHING
      ? [
          {
            kind: 'tighten' as const,
            left: left.tighten,
            right: right.tighten,
            words: `Tighten ${both(left.tighten, right.tighten)}, a quarter each in turn`,
          },
        ]
      : []),
  ]
}

/** Turns up from zero that let usual felts in without force [common practice, no source: some count eight to twelve half turns]. */
export const FELTS_IN_TURNS = 5

/** Where the screws stand, counted from zero, and whether the blankets are in. */
export interface PressStanding {
  left: number
  right: number
  areFeltsIn: boolean
}

/** What is done next on the way from zero to a setting, said large; `null` in `more` where there is nothing to add. */
export function nextAtThePress(
  at: PressStanding,
  wanted: { left: number; right: number },
): { words: string; more: string | null; isThere: boolean } {
  if (!at.areFeltsIn) {
    const isUp = at.left >= FELTS_IN_TURNS && at.right >= FELTS_IN_TURNS
    return {
      words: isUp ? 'Feed the blankets in, square' : `Back both off to ${formatTurns(FELTS_IN_TURNS)}`,
      more: isUp ? null : 'Zero is both sides on the bare bed; count from there.',
      isThere: false,
    }
  }
  const route = settingRoute(at, wanted)
  if (route.length === 0)
    return {
      words: 'The screws stand',
      more: `Left ${formatTurns(at.left)}, right ${formatTurns(at.right)}, reached by tightening.`,
      isThere: true,
    }
  const [{ kind, left, right }] = route
  return {
    words: `${kind === 'loosen' ? 'Loosen' : 'Tighten'} ${both(left, right)}`,
    more: route.map(({ words }) => words).join('. Then: '),
    isThere: false,
  }
}

/** What a strip of paper between roller and bed does when it is pulled. */
export const STRIPS = { slips: 'Pulls out', holds: 'Holds', tears: 'Tears' } as const
export type Strip = keyof typeof STRIPS
const GRIP: Record<Strip, number> = { slips: 0, holds: 1, tears: 2 }

/** What three strips, left, middle and right, say of the roller. */
export function readStrips(left: Strip, middle: Strip, right: Strip): string {
  if (left === 'slips' && middle === 'slips' && right === 'slips')
    return 'All slip: tighten both by a quarter and try again.'
  if (GRIP[left] !== GRIP[right])
    return `${GRIP[left] > GRIP[right] ? 'The right' : 'The left'} is looser: tighten it by an eighth, or until both strips do the same.`
  if (GRIP[middle] < GRIP[left])
    return 'The middle is looser than the ends: the roller bows, or the bed is hollow. Put a strip of tissue under the middle, or ask less of a wide plate.'
  if (GRIP[middle] > GRIP[left]) return 'The middle is tighter than the ends: look for something on the bed.'
  return 'All three do the same: the roller is parallel.'
}
