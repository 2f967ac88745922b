import { CYCLE_ACTS, type CycleAct } from './inkingCycle'
import { namedAsMixed } from './namedAsMixed'
import type { WipeTaken } from './pace'
import {
  describeInking,
  describeWipeStep,
  howToWipe,
  type InkingStep,
  type WipeMaterial,
  type WipingOrder,
} from './wipingOrder'
import { completeSteps } from './forgottenSteps'
import { PLATE_TONES, type PlateTone } from '../plate/plateTone'

/** One step as the pacer runs it: inking first, then wiping, then what must not be forgotten. */
export interface PacedWipeStep {
  label: string
  seconds: number
  detail: string
  /** what it took at the BAT; null: not known */
  before: number | null
  /** what can hurt at it: dust on a bare hand, heat, solvent; left out: nothing of its own */
  hazard?: WipeHazard
}

/** What can hurt at a step of wiping. */
export type WipeHazard = 'wipe' | 'hotplate' | 'cleaning'
/** Steps with a hazard of their own: chalk and bare hands, and the plate warmed again [common practice, no source]. */
const HAZARD_OF: Partial<Record<WipeMaterial, WipeHazard>> = { talc: 'wipe', hand: 'wipe', warm: 'hotplate' }

/** A run's mix as the inking names it: its dab and rag carry its number. */
export interface NumberedMix {
  id: string
  rag: number
  name: string
}

/**
 * The number on the dab and the rag of each ink: its mix's own, whatever is added or taken away; an ink that is only named has the next that
 * is free.
 */
export function ragNumbers(
  inking: readonly Pick<InkingStep, 'mixId'>[],
  mixes: readonly Pick<NumberedMix, 'id' | 'rag'>[],
): number[] {
  const taken = new Set(mixes.map(({ rag }) => rag))
  let free = 0
  return inking.map(({ mixId }) => {
    const mix = mixes.find(({ id }) => id === mixId)
    if (mix) return mix.rag
    do free += 1
    while (taken.has(free))
    return free
  })
}

/** Longest name of an ink within a step's own: a step must fit where it is kept. */
const LONGEST_NAME = 60
const short = (ink: string): string =>
  ink.length > LONGEST_NAME ? `${ink.slice(0, LONGEST_NAME - 1)}…` : ink

/** What an act of an ink's cycle is called among all the steps. */
function cycleLabel(ink: string, does: CycleAct, rag: number): string {
  return does === 'rag' ? `${ink}: rag ${rag}` : `${ink}: ${CYCLE_ACTS[does].toLowerCase()}`
}

/**
 * Writes the whole run of a plate: the inks, each with its dab and what is done with it before the next; then each wipe with its manner and
 * the zone's tone.
 *
 * @param mixes of the run, for the numbers on dabs and rags
 */
export function pacedSteps(
  order: WipingOrder,
  {
    batTaken,
    zoneTones,
    mixes,
  }: {
    batTaken: WipeTaken | null
    zoneTones: Readonly<Record<string, PlateTone>>
    mixes: readonly NumberedMix[]
  },
): PacedWipeStep[] {
  const several = order.inking.length > 1
  const before = (key: string) => batTaken?.find(({ step }) => step === key)?.takenSeconds ?? null
  const rags = ragNumbers(order.inking, mixes)
  const inking = namedAsMixed(order.inking, mixes).flatMap((one, i): PacedWipeStep[] => {
    const label = several ? `Ink ${rags[i]}: ${short(one.ink)}` : `Ink: ${short(one.ink)}`
    const cloths = one.cycle.length > 0 ? `dab ${rags[i]}; ` : `dab ${rags[i]}, rag ${rags[i]}; `
    return [
      {
        label,
        seconds: one.seconds,
        detail: `${several ? cloths : ''}${describeInking({ ...one, cycle: [] }).slice(one.ink.length + 1)}`,
        before: before(label),
      },
      ...one.cycle.map(({ does, seconds }): PacedWipeStep => {
        const act = cycleLabel(short(one.ink), does, rags[i])
        return { label: act, seconds, detail: one.zones.join(', '), before: before(act) }
      }),
    ]
  })
  const wiping = completeSteps(order).map((step): PacedWipeStep => {
    const label = describeWipeStep(step)
    const tone = zoneTones[step.zone]
    return {
      label,
      seconds: step.seconds,
      detail: [howToWipe(step), tone && `wipe to: ${PLATE_TONES[tone].toLowerCase()}`]
        .filter(Boolean)
        .join('; '),
      before: before(label),
      hazard: HAZARD_OF[step.material],
    }
  })
  return [...inking, ...wiping]
}
