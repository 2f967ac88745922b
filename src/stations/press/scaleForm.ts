import { leadSchema, READ_BY, usualScaleOf } from '@/core/press/pressCard'
import { type PressKind } from '@/core/press/pressKind'
import { COUNTED_FROM, WAYS_OF_READING, type CountedFrom } from '@/core/press/waysOfReading'
import { type PressureScale, type WayOfReading } from '@/core/press/pressureScale'
import { USUAL_SCALES } from '@/core/press/usualScales'

/** The ways a press of a kind may be read, as options. */
export const waysFor = (kind: PressKind): (readonly [WayOfReading, string])[] =>
  READ_BY[kind].map((way) => [way, WAYS_OF_READING[way]] as const)

/** The scale of another way of reading, as one usually begins with it; of the same way: as it is. */
export function scaleForWay(kind: PressKind, way: WayOfReading, now: PressureScale): PressureScale {
  if (now.id === way) return now
  const usual = usualScaleOf(kind)
  return usual.id === way ? usual : { ...USUAL_SCALES[way], ...(kind === 'single-screw' ? { sides: 1 } : {}) }
}

/** Turns counted from the bare bed fall as the press is tightened; from loaded blankets they rise, and have no gap at zero. */
export const countedFrom = (scale: PressureScale, from: CountedFrom): PressureScale => ({
  ...scale,
  countedFrom: from,
  heavier: from === 'bed' ? 'down' : 'up',
  zeroGapMm: from === 'bed' ? 0 : null,
})
export const COUNTED_FROM_OPTIONS = Object.entries(COUNTED_FROM) as [CountedFrom, string][]

/** The lead of a thread, or what is wrong with it; an empty one is none. */
export function leadOf(thread: string): { mmPerTurn: number | null; problem: string | undefined } {
  if (thread.trim().length === 0) return { mmPerTurn: null, problem: undefined }
  const lead = leadSchema.safeParse({ thread })
  return lead.success
    ? { mmPerTurn: lead.data.mmPerTurn, problem: undefined }
    : { mmPerTurn: null, problem: lead.error.issues[0].message }
}

/** Names typed one after the other, parted by commas. */
export const namesOf = (text: string): string[] =>
  text
    .split(',')
    .map((name) => name.trim())
    .filter((name) => name.length > 0)

/** A scale of other names. */
export const withNames = (scale: PressureScale, names: string[]): PressureScale => ({
  ...scale,
  names,
  most: Math.max(0, names.length - 1),
})

/** What is known of a scale's millimetres, in words: what carries over to another press or plate. */
export function knownMm({ table, mmPerUnit, zeroGapMm, id }: PressureScale): string {
  if (id === 'hand') return 'by hand no gap is measured: verdicts alone carry over'
  if (table.length > 1) return `${table.length} gaps measured: pressure carries over`
  if (mmPerUnit !== null && zeroGapMm !== null) return 'known: pressure carries over'
  if (mmPerUnit !== null)
    return 'what a step moves is known, the gap is not: measure one to carry pressure over'
  return 'not measured: settings are compared by their readings alone'
}
