import { amountOnScale, readingsWords, stepsTighter, tightened, type PressureScale } from './pressureScale'

/** Which side a stretch is for, and by how much, in readings. */
export interface Stretch {
  kind: 'loosen' | 'tighten'
  left: number
  right: number
  /** as it is said large, and with how it is done */
  short: string
  words: string
}

/** Where both sides are. */
interface Sides {
  left: number
  right: number
}

/**
 * How far a side is taken past its mark before it comes back: half a turn eats the backlash of any usual thread, two steps that of a
 * gauge's gears; a notch has none [common practice, no source].
 */
export const PAST_TURNS = 0.5
const PAST_STEPS: Partial<Record<PressureScale['id'], number>> = { gauge: 2, wheel: 2 }
const pastOf = ({ id, step }: PressureScale): number =>
  id === 'turns' ? PAST_TURNS : (PAST_STEPS[id] ?? 0) * step

/** Less than this is nothing. */
const NOTHING = 1e-9

/** The way of one side: what it is loosened by first, then tightened by; every route ends by tightening where there is backlash. */
export function sideRoute(
  scale: PressureScale,
  from: number,
  to: number,
): { loosen: number; tighten: number } {
  const tighter = stepsTighter(scale, from, to) * scale.step
  if (tighter < -NOTHING) return { loosen: pastOf(scale) - tighter, tighten: pastOf(scale) }
  return { loosen: 0, tighten: Math.max(0, tighter) }
}

function both(scale: PressureScale, { left, right }: Sides): string {
  if (scale.sides === 1) return amountOnScale(scale, left)
  return Math.abs(left - right) < NOTHING
    ? `both ${amountOnScale(scale, left)}`
    : [
        ...(left > NOTHING ? [`left ${amountOnScale(scale, left)}`] : []),
        ...(right > NOTHING ? [`right ${amountOnScale(scale, right)}`] : []),
      ].join(', ')
}

/**
 * How the press goes from where it stands to where it is wanted: first whatever is loosened, past the mark, then everything tightened
 * together, so that each side comes to rest from the same side of its thread.
 *
 * @returns nothing where it stands already
 */
export function settingRoute(scale: PressureScale, from: Sides, to: Sides): Stretch[] {
  const [left, right] = [sideRoute(scale, from.left, to.left), sideRoute(scale, from.right, to.right)]
  const stretch = (kind: Stretch['kind'], by: Sides, after: string): Stretch[] => {
    if (by.left <= NOTHING && by.right <= NOTHING) return []
    const short = `${kind === 'loosen' ? 'Loosen' : 'Tighten'} ${both(scale, by)}`
    return [{ kind, ...by, short, words: `${short}${after}` }]
  }
  return [
    ...stretch(
      'loosen',
      { left: left.loosen, right: right.loosen },
      pastOf(scale) > 0 ? ': past the mark' : '',
    ),
    ...stretch(
      'tighten',
      { left: left.tighten, right: right.tighten },
      scale.id === 'turns' && scale.sides === 2 ? ', a quarter each in turn' : '',
    ),
  ]
}

/** Turns up from zero that let usual felts in without force [common practice, no source: some count eight to twelve half turns]. */
export const FELTS_IN_TURNS = 5

/** Whether the roller is up far enough for the blankets; only turns from the bare bed tell. */
export const isUpForFelts = ({ id, countedFrom }: PressureScale, { left, right }: Sides): boolean =>
  id !== 'turns' || countedFrom !== 'bed' || (left >= FELTS_IN_TURNS && right >= FELTS_IN_TURNS)

/** Where the press stands as it is read, and whether the blankets are in. */
export interface PressStanding extends Sides {
  areFeltsIn: boolean
}

/** What is done next on the way to a setting, said large; `null` in `more` where there is nothing to add. */
export function nextAtThePress(
  scale: PressureScale,
  at: PressStanding,
  wanted: Sides,
): { words: string; more: string | null; isThere: boolean } {
  if (!at.areFeltsIn && scale.id !== 'fixed') {
    if (isUpForFelts(scale, at))
      return {
        words: 'Feed the blankets in, square',
        more:
          scale.id === 'turns'
            ? null
            : 'Open it as far as that takes; without blankets, lay the sheet and say they are in.',
        isThere: false,
      }
    return {
      words: `Back both off to ${readingsWords(scale, { left: FELTS_IN_TURNS, right: FELTS_IN_TURNS })}`,
      more: 'Zero is both sides on the bare bed; count from there.',
      isThere: false,
    }
  }
  const route = settingRoute(scale, at, wanted)
  if (route.length === 0)
    return {
      words: scale.id === 'turns' ? 'The screws stand' : 'It stands as wanted',
      more: standsAt(scale, at),
      isThere: true,
    }
  return {
    words: route[0].short,
    more: [
      ...(scale.id === 'notches' ? [notchByNotch(scale, wanted)] : []),
      ...route.map(({ words }) => words),
    ].join('. Then: '),
    isThere: false,
  }
}

function standsAt(scale: PressureScale, at: Sides): string {
  const words = readingsWords(scale, at)
  const said = `${words[0].toUpperCase()}${words.slice(1)}`
  return pastOf(scale) > 0 ? `${said}, reached by tightening.` : `${said}.`
}

/** Between two notches nothing can be set: the lighter one is printed first. */
const notchByNotch = (scale: PressureScale, { left }: Sides): string =>
  `Notch up, print, and one down again if it is too much: begin at ${readingsWords(scale, { left: tightened(scale, left, -1), right: left })}`

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
