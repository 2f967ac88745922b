import {
  biteStripSchema,
  fitBite,
  type BiteCurve,
  type BitePoint,
  type BiteStrip,
} from '@/core/plate/biteCurve'
import { bitePlanSchema, planBite, type BiteArea, type BiteTimetable } from '@/core/plate/bitePlan'
import type { KeptStrip } from '@/data/plate/bites'

type Loose<T> = { [K in keyof T]: T[K] | null }

/** A bite while it is planned: which strip it goes by, one that is being entered, and the tones that are wanted. */
export interface BiteBench {
  /** a kept strip; empty: the one that is being entered */
  stripId: string
  /** of the strip that is being entered */
  name: string
  steps: Loose<BitePoint>[]
  stripC: number | null
  areas: Loose<BiteArea>[]
  bathC: number | null
}

export type BiteAct =
  | { kind: 'set'; patch: Partial<Pick<BiteBench, 'stripId' | 'name' | 'stripC' | 'bathC'>> }
  | { kind: 'step'; at: number; patch: Partial<Loose<BitePoint>> }
  | { kind: 'area'; at: number; patch: Partial<Loose<BiteArea>> }
  | { kind: 'one-more'; of: 'steps' | 'areas' }
  | { kind: 'take-out'; of: 'steps' | 'areas'; at: number }

const USUAL_C = 20
/** Minutes of a strip's steps, each twice the one before [common practice, no source]. */
const FIRST_STEPS = [0.5, 1, 2, 4, 8]
const FIRST_AREAS: Loose<BiteArea>[] = [
  { name: 'paper white', tone: 0 },
  { name: 'sky', tone: 0.3 },
  { name: 'foreground', tone: 1 },
]

/** As the room opens: at the plan kept last, or at the newest strip with areas to begin from. */
export const openBiteBench = (
  strips: readonly KeptStrip[],
  kept: { stripId: string; areas: BiteArea[]; bathC: number } | null,
): BiteBench => ({
  stripId: kept?.stripId ?? strips[0]?.id ?? '',
  name: '',
  steps: FIRST_STEPS.map((minutes) => ({ minutes, tone: null })),
  stripC: USUAL_C,
  areas: kept?.areas ?? FIRST_AREAS,
  bathC: kept?.bathC ?? USUAL_C,
})

const changed = <T>(list: readonly T[], at: number, patch: Partial<T>): T[] =>
  list.map((one, i) => (i === at ? { ...one, ...patch } : one))

export function biteBench(bench: BiteBench, act: BiteAct): BiteBench {
  switch (act.kind) {
    case 'set':
      return { ...bench, ...act.patch }
    case 'step':
      return { ...bench, steps: changed(bench.steps, act.at, act.patch) }
    case 'area':
      return { ...bench, areas: changed(bench.areas, act.at, act.patch) }
    case 'one-more':
      return act.of === 'steps'
        ? { ...bench, steps: [...bench.steps, { minutes: null, tone: null }] }
        : { ...bench, areas: [...bench.areas, { name: '', tone: null }] }
    case 'take-out':
      return act.of === 'steps'
        ? { ...bench, steps: bench.steps.filter((_, i) => i !== act.at) }
        : { ...bench, areas: bench.areas.filter((_, i) => i !== act.at) }
  }
}

/** What the bench comes to. */
export interface BiteView {
  held: KeptStrip | null
  /** the strip that is being entered, as far as it is one, or why not; null: nothing of it was read yet */
  entered: BiteStrip | null
  enteredProblem: string | null
  strip: BiteStrip | null
  curve: BiteCurve | null
  plan: { areas: BiteArea[]; bathC: number } | null
  timetable: BiteTimetable | null
  /** what is wrong with the plan at a field, as `areas.0.tone` */
  problemAt: (field: string) => string | undefined
}

/** Reads strip, curve and timetable from the bench. */
export function readBiteBench(bench: BiteBench, strips: readonly KeptStrip[]): BiteView {
  const held = strips.find(({ id }) => id === bench.stripId) ?? null
  const entered = biteStripSchema.safeParse({
    points: bench.steps.filter(({ minutes, tone }) => minutes !== null || tone !== null),
    temperatureC: bench.stripC,
  })
  const plan = bitePlanSchema.safeParse({ areas: bench.areas, bathC: bench.bathC })
  const strip = held?.strip ?? entered.data ?? null
  const curve = strip && fitBite(strip)
  const isRead = bench.steps.some(({ tone }) => tone !== null)
  return {
    held,
    entered: entered.data ?? null,
    enteredProblem: isRead ? (entered.error?.issues[0].message ?? null) : null,
    strip,
    curve,
    plan: plan.data ?? null,
    timetable: curve && plan.success ? planBite(plan.data, curve) : null,
    problemAt: (field) => plan.error?.issues.find(({ path }) => path.join('.') === field)?.message,
  }
}
