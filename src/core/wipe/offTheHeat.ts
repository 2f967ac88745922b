import type { WipingOrder } from './wipingOrder'
import { completeSteps } from './forgottenSteps'

/** From the bench to under the roller: plate laid to its mark, sheet dropped, blankets over, s [common practice, no source]. */
const LAYING_SECONDS = 60

/**
 * Minutes from the heat to the roller: the plate is warm while it is inked; it cools from then on, or from the last time it is warmed
 * again, through what is wiped after, and the laying.
 */
export function minutesOffTheHeat(order: Pick<WipingOrder, 'steps'>): number {
  const steps = completeSteps(order)
  const last = steps.findLastIndex(({ material }) => material === 'warm')
  const seconds = steps.slice(last + 1).reduce((sum, one) => sum + one.seconds, LAYING_SECONDS)
  return seconds / 60
}

/** Minutes from the heat to the roller if it were warmed once more after the edges: clean fingers and the laying are left. */
export function minutesIfWarmedAgain(order: Pick<WipingOrder, 'steps'>): number {
  const steps = completeSteps(order)
  const [fingers, others] = [true, false].map((isLast) =>
    steps.filter(({ material }) => (material === 'fingers') === isLast),
  )
  return minutesOffTheHeat({ steps: [...others, { ...steps[0], material: 'warm' }, ...fingers] })
}

/** Whether the plate is warmed again on its way, so that it is not the wiping that decides how warm it is at the roller. */
export const isWarmedAgain = ({ steps }: Pick<WipingOrder, 'steps'>): boolean =>
  steps.some(({ material }) => material === 'warm')
