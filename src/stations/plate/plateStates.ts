import { romanNumeral, standsWords } from '@/core/plate/plate'
import {
  FACED_STANDS,
  standsHereWords,
  type LastingPlate,
  type PlateHistory,
  type PlateLife,
} from '@/core/plate/plateLife'
import type { WatchSpot } from '@/core/plate/plateState'
import { formatNumber } from '@/core/units/length'
import { plural } from '@/core/units/counted'
import type { FieldProblem } from '@/data/database/errors'

interface NamedState {
  state: number
  note: string
}

/** Most of a note that a list of states shows, characters. */
const NOTE_SHOWN = 40

/** Two states as they are compared. */
export interface Comparison {
  first: number | null
  second: number | null
  manner: 'beside' | 'over'
  way: 'plate' | 'print'
}

/** The newest state beside the one before; of one state alone, itself. @param states oldest first */
export function openComparison(states: readonly NamedState[]): Comparison {
  const newest = states.at(-1)?.state ?? null
  return { first: states.at(-2)?.state ?? newest, second: newest, manner: 'beside', way: 'plate' }
}

/** The states to choose from. */
export const stateOptions = (states: readonly NamedState[]): [value: string, label: string][] =>
  states.map(({ state, note }) => [
    String(state),
    `State ${romanNumeral(state)}${note ? `: ${note.slice(0, NOTE_SHOWN)}` : ''}`,
  ])

/** The known flaws a state had: those seen by then; one that is gone was on every state but the newest. */
export const spotsOn = <Spot extends WatchSpot>(
  spots: readonly Spot[],
  state: number,
  newest: number,
): Spot[] => spots.filter((spot) => spot.state <= state && (spot.goneAt === null || state < newest))

/** What a forecast of the plate's life goes by. */
export const LIFE_BY: Record<PlateLife['by'], string> = {
  kind: 'what its kind usually stands',
  here: 'what plates of its kind stood here',
  facing: 'what a steel facing usually stands',
  maker: 'what its maker says',
  readings: 'this plate’s own line readings, as far as they tell',
  never: 'its kind, which does not wear',
}

/** The reckoning behind a plate's life, line by line. */
export function lifeRows(
  { kind, standsAbout }: LastingPlate,
  { spent }: Pick<PlateLife, 'spent'>,
  { facedAfter, line, here }: PlateHistory,
) {
  const rows = [
    { label: 'Pulled, proofs and warm-ups too', value: String(spent) },
    { label: 'Its kind usually stands', value: standsWords(kind) },
  ]
  if (here) rows.push({ label: 'Plates of its kind here', value: standsHereWords(here) })
  if (standsAbout) rows.push({ label: 'Its maker says', value: `about ${standsAbout}` })
  if (typeof facedAfter === 'number')
    rows.push({
      label: `Steel-faced after ${facedAfter} pulls`,
      value: `stands ${FACED_STANDS.join(' to ')} more`,
    })
  const counted = line?.readings.filter(({ rejected }) => !rejected) ?? []
  if (line && counted.length > 0) {
    const hands = new Set(counted.map(({ hand }) => hand)).size
    rows.push({
      label: `Line readings by ${hands} ${plural(hands, 'hand', 'hands')}, rejected prints left out`,
      value: `${counted.length}, still good above ${formatNumber(line.floor, 2)} D`,
    })
  }
  return rows
}

/** A flaw while it is entered. */
export interface LooseSpot {
  x: number | null
  y: number | null
  note: string
}

export const NO_SPOT: LooseSpot = { x: null, y: null, note: '' }

/** Where a flaw is, or which side is missing. */
export function placeOf({ x, y }: LooseSpot): { at: [number, number] } | { problems: FieldProblem[] } {
  if (x !== null && y !== null) return { at: [x, y] }
  const missing = Object.entries({ x, y }).filter(([, mm]) => mm === null)
  return { problems: missing.map(([field]) => ({ field, message: 'Enter where, in mm.' })) }
}
