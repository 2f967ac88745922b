import { NAMED, type PressureScale, type WayOfReading } from './pressureScale'

/** What every scale begins with: one reading that rises as the press is tightened, in whole numbers, and measured by nobody. */
const PLAIN = {
  version: 1,
  heavier: 'up',
  sides: 1,
  countedFrom: null,
  unit: '',
  step: 1,
  mmPerUnit: null,
  zeroGapMm: null,
} as const

/** Turns of two screws from the roller on the bare bed, looser upward. @param mmPerTurn null: the thread is not known */
export const turnsScale = (mmPerTurn: number | null, sides: 1 | 2 = 2): PressureScale => ({
  ...plain('turns', 0, 100),
  heavier: 'down',
  sides,
  countedFrom: 'bed',
  step: 0.25,
  mmPerUnit: mmPerTurn,
  zeroGapMm: 0,
})

/** A scale of names, the lightest first. */
export const namedScale = (id: 'feel' | 'fixed' | 'hand', names: readonly string[]): PressureScale => ({
  ...plain(id, 0, Math.max(0, names.length - 1)),
  names: [...names],
})

/** Each way of reading as one usually begins with it [common practice, no source]. */
export const USUAL_SCALES: Record<WayOfReading, PressureScale> = {
  turns: turnsScale(null),
  gauge: { ...plain('gauge', 0, 100), sides: 2 },
  notches: plain('notches', 1, 6),
  wheel: plain('wheel', 0, 60),
  feel: namedScale('feel', ['light', 'usual', 'firm']),
  fixed: namedScale('fixed', ['as it is built']),
  hand: namedScale('hand', ['light', 'medium', 'firm']),
}

function plain(id: WayOfReading, least: number, most: number): PressureScale {
  return { ...PLAIN, id, least, most, names: [], table: [] }
}

/** Where one begins on a press nothing is known of: blankets in and loose, the middle hand, the lowest number [common practice, no source]. */
export function firstReading(scale: PressureScale): number {
  if (scale.id === 'turns') return scale.countedFrom === 'bed' ? 4 : 0
  if (NAMED.has(scale.id)) return Math.min(1, scale.names.length - 1)
  return scale.heavier === 'up' ? scale.least : scale.most
}
