import type { WipeTaken } from './pace'
import { completeSteps, describeInking, describeWipeStep, howToWipe, type WipingOrder } from './wipingOrder'
import { PLATE_TONES, type PlateTone } from '../plate/plateTone'

/** One step as the pacer runs it: inking first, then wiping, then what must not be forgotten. */
export interface PacedWipeStep {
  label: string
  seconds: number
  detail: string
  /** what it took at the BAT; null: not known */
  before: number | null
}

/** Writes the whole run of a plate: the inks with their dab and rag numbers, each wipe with its manner and the zone's tone. */
export function pacedSteps(
  order: WipingOrder,
  { batTaken, zoneTones }: { batTaken: WipeTaken | null; zoneTones: Readonly<Record<string, PlateTone>> },
): PacedWipeStep[] {
  const several = order.inking.length > 1
  const before = (key: string) => batTaken?.find(({ step }) => step === key)?.takenSeconds ?? null
  const inking = order.inking.map((one, i): PacedWipeStep => {
    const label = several ? `Ink ${i + 1}: ${one.ink}` : `Ink: ${one.ink}`
    return {
      label,
      seconds: one.seconds,
      detail: `${several ? `dab ${i + 1}, rag ${i + 1}; ` : ''}${describeInking(one).slice(one.ink.length + 1)}`,
      before: before(label),
    }
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
    }
  })
  return [...inking, ...wiping]
}
