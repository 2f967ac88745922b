import { z } from 'zod'
import { formatNumber } from '../units/length'
import { finite, label, nonNegative, positive } from '../units/schemas'
import { gaugeLine, gaugeToMm, mmToGauge } from './gauge'

/** The ways a press is read. */
const WAYS = ['turns', 'gauge', 'notches', 'wheel', 'feel', 'fixed', 'hand'] as const
export type WayOfReading = (typeof WAYS)[number]

/** Ways whose readings are names: a reading is the place in the list, the lightest being 0. */
export const NAMED: ReadonlySet<WayOfReading> = new Set<WayOfReading>(['feel', 'fixed', 'hand'])
/** Ways that have no place between one reading and the next. */
const STEPPED: ReadonlySet<WayOfReading> = new Set<WayOfReading>(['notches', 'feel', 'fixed', 'hand'])

const shape = {
  id: z.enum(WAYS),
  version: z.literal(1),
  /** which way the readings go as the press is tightened */
  heavier: z.enum(['up', 'down']),
  sides: z.union([z.literal(1), z.literal(2)], { error: 'is 1 or 2' }),
  countedFrom: z.enum(['bed', 'blankets']).nullable().default(null),
  /** what a gauge counts in; '': numbers without a unit */
  unit: z.enum(['mm', 'in', '']).default(''),
  /** the smallest change one makes */
  step: positive.max(100, { error: 'must be at most 100' }),
  least: finite.min(-1000, { error: 'must be within −1000 and 1000' }),
  most: finite.max(1000, { error: 'must be within −1000 and 1000' }),
  names: z.array(label).max(12, { error: 'takes at most 12 names' }).default([]),
  /** how far one unit moves the roller; null: nobody measured it */
  mmPerUnit: positive.max(200, { error: 'must be at most 200 mm' }).nullable().default(null),
  /** gap between roller and bed at reading 0; null: not known */
  zeroGapMm: nonNegative.max(200, { error: 'must be at most 200 mm' }).nullable().default(null),
  /** readings with the gaps measured there; fewer than two say nothing */
  table: z.array(gaugeLine).max(40, { error: 'takes at most 40 readings' }).default([]),
}

/**
 * How a press says how hard it presses. Everything the tool knows of pressure goes through this: which way is heavier, what a step is,
 * the words, and, once somebody measured it, millimetres of gap. Without that it still orders settings. What is entered on a card is
 * checked as a whole besides: `pressureScaleSchema`.
 */
export const scaleShape = z.strictObject(shape)
export type PressureScale = z.infer<typeof scaleShape>

/** Tighter is so many readings times this. */
const towardHeavier = ({ heavier }: Pick<PressureScale, 'heavier'>): 1 | -1 => (heavier === 'up' ? 1 : -1)

/** What is wrong with a reading on a scale, or null. */
export function readingProblem(scale: PressureScale, reading: number): string | null {
  const { id, least, most, names, step } = scale
  if (NAMED.has(id)) return names[reading] === undefined ? 'is no setting of this press' : null
  if (STEPPED.has(id) && Math.abs(reading / step - Math.round(reading / step)) > 1e-9)
    return `there is no ${readingWords(scale, reading)}: count whole ones`
  return reading < least || reading > most
    ? `this press reads from ${formatNumber(least, 3)} to ${formatNumber(most, 3)}`
    : null
}

/** Gap between roller and bed at a reading, mm; null: nobody measured this press. */
export function toMm(
  { table, mmPerUnit, zeroGapMm, heavier }: PressureScale,
  reading: number,
): number | null {
  if (table.length > 1) return gaugeToMm(table, reading)
  return mmPerUnit === null || zeroGapMm === null
    ? null
    : zeroGapMm - towardHeavier({ heavier }) * reading * mmPerUnit
}

/** The reading at which a gap is left; null: nobody measured this press. */
export function fromMm({ table, mmPerUnit, zeroGapMm, heavier }: PressureScale, mm: number): number | null {
  if (table.length > 1) return mmToGauge(table, mm)
  return mmPerUnit === null || zeroGapMm === null
    ? null
    : (towardHeavier({ heavier }) * (zeroGapMm - mm)) / mmPerUnit
}

/** How much closer the roller comes from one reading to another, mm, below zero when it opens; null: nobody measured what a unit moves. */
export function closerMm(scale: PressureScale, from: number, to: number): number | null {
  const [a, b] = [toMm(scale, from), toMm(scale, to)]
  if (a !== null && b !== null) return a - b
  return scale.mmPerUnit === null ? null : towardHeavier(scale) * (to - from) * scale.mmPerUnit
}

/** By how many steps one reading is tighter than another; below zero: looser. */
export const stepsTighter = (scale: PressureScale, from: number, to: number): number =>
  (towardHeavier(scale) * (to - from)) / scale.step

/** The reading so many steps tighter, as far as the press goes. */
export function tightened(scale: PressureScale, from: number, steps: number): number {
  const to = from + towardHeavier(scale) * steps * scale.step
  return Number(Math.min(scale.most, Math.max(scale.least, to)).toFixed(4))
}

/** The nearest reading one can set: notches and names are whole, turns are counted in halves of a step. */
export function settable(scale: PressureScale, reading: number): number {
  const by = STEPPED.has(scale.id) ? scale.step : scale.step / 2
  return Number(Math.min(scale.most, Math.max(scale.least, Math.round(reading / by) * by)).toFixed(4))
}

/** Half a step: closer than this two readings are the same. */
export const sameWithin = ({ step }: Pick<PressureScale, 'step'>): number => step / 2

/** Turns as they are counted at the screw: whole turns and eighths, `"2 3/4 turns"`, or two decimals when it is no eighth. */
export function formatTurns(turns: number): string {
  const eighths = Math.round(turns * 8)
  if (Math.abs(turns * 8 - eighths) > 0.04) return `${turns.toFixed(2)} turns`
  const wholeTurns = Math.floor(eighths / 8)
  const fraction = ['', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'][eighths % 8]
  const text = [wholeTurns > 0 || !fraction ? String(wholeTurns) : '', fraction].filter(Boolean).join(' ')
  return `${text} ${eighths > 0 && eighths <= 8 ? 'turn' : 'turns'}`
}

const onGauge = (unit: PressureScale['unit'], amount: number): string =>
  `${formatNumber(amount, unit === 'in' ? 3 : 2)}${unit && ` ${unit}`}`

/** A reading as one says it: "2 3/4 turns", "34 on the gauge", "notch 3", "“usual”", "a firm hand". */
export function readingWords({ id, unit, names }: PressureScale, reading: number): string {
  switch (id) {
    case 'turns':
      return formatTurns(reading)
    case 'gauge':
      return `${onGauge(unit, reading)} on the gauge`
    case 'notches':
      return `notch ${formatNumber(reading, 1)}`
    case 'wheel':
      return `mark ${formatNumber(reading, 1)}`
    case 'hand':
      return `a ${names[reading] ?? 'steady'} hand`
    default:
      return `“${names[reading] ?? 'set'}”`
  }
}

/** An amount of a scale, without its way: "1/4 turn", "2 on the gauge", "1 notch", "2 steps". */
export function amountOnScale({ id, unit }: PressureScale, amount: number): string {
  const size = Math.abs(amount)
  switch (id) {
    case 'turns':
      return formatTurns(size)
    case 'gauge':
      return `${onGauge(unit, size)} on the gauge`
    case 'notches':
      return `${formatNumber(size, 1)} ${size === 1 ? 'notch' : 'notches'}`
    case 'wheel':
      return `${formatNumber(size, 1)} ${size === 1 ? 'mark' : 'marks'}`
    default:
      return `${formatNumber(size, 0)} ${size === 1 ? 'step' : 'steps'}`
  }
}

/** What more and less of a press's reading is called: a hand is heavier, a roller tighter. */
export const wayWords = ({ id }: Pick<PressureScale, 'id'>): { more: string; less: string } =>
  id === 'hand' ? { more: 'heavier', less: 'lighter' } : { more: 'tighter', less: 'looser' }

/** A change of the reading and its way: "1/4 turn tighter", "1 notch looser". */
export const changeOnScale = (scale: PressureScale, from: number, to: number): string =>
  `${amountOnScale(scale, to - from)} ${stepsTighter(scale, from, to) > 0 ? wayWords(scale).more : wayWords(scale).less}`

const SIDES: Record<WayOfReading, string> = {
  turns: 'screw',
  gauge: 'gauge',
  notches: 'notch',
  wheel: 'wheel',
  feel: 'setting',
  fixed: 'setting',
  hand: 'hand',
}

/** What is read at each side: "Left screw" and "Right screw", or "Notch" alone. */
export function sideNames({ id, sides }: PressureScale): {
  left: string
  right: string | null
  both: string
} {
  const side = SIDES[id]
  const alone = side[0].toUpperCase() + side.slice(1)
  return sides === 2
    ? { left: `Left ${side}`, right: `Right ${side}`, both: `Both ${side}s` }
    : { left: alone, right: null, both: alone }
}

/** Both sides of a setting in words: "3 turns", or "left 3 turns, right 2 3/4 turns". */
export const readingsWords = (
  scale: PressureScale,
  { left, right }: { left: number; right: number },
): string =>
  scale.sides === 1 || Math.abs(left - right) < 1e-9
    ? readingWords(scale, left)
    : `left ${readingWords(scale, left)}, right ${readingWords(scale, right)}`

/** A reading of one scale as it stands on another, through the millimetres both were measured in; null: one was not, or it has no such reading. */
export function readOn(from: PressureScale, reading: number, to: PressureScale): number | null {
  const mm = toMm(from, reading)
  const there = mm === null ? null : fromMm(to, mm)
  return there === null || readingProblem(to, settable(to, there)) !== null ? null : settable(to, there)
}

/** Whether two scales say the same in everything, however their fields lie. */
export const isSameScale = (a: PressureScale, b: PressureScale): boolean =>
  JSON.stringify(scaleShape.parse(a)) === JSON.stringify(scaleShape.parse(b))

/** Whether two readings are of the same language, so that they can be set beside one another. */
export const speaksAlike = (a: PressureScale, b: PressureScale): boolean =>
  a.id === b.id && a.heavier === b.heavier && a.unit === b.unit && a.countedFrom === b.countedFrom
