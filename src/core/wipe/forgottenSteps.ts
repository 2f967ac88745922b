import { usualStep } from './usualStep'
import type { WipeStep, WipingOrder } from './wipingOrder'

/** What no order may end without: a dirty bevel prints a frame, a dirty finger a mark. */
const NEVER_FORGOTTEN: readonly WipeStep[] = [
  usualStep('edges', 'clean', 45),
  usualStep('fingers', 'clean', 20),
]

/** Materials of steps that must not be forgotten and are not in the order. */
export function forgottenSteps({ steps }: Pick<WipingOrder, 'steps'>): WipeStep[] {
  return NEVER_FORGOTTEN.filter(({ material }) => !steps.some((one) => one.material === material))
}

/** The order as it is run: what was forgotten is added at its end. */
export function completeSteps(order: Pick<WipingOrder, 'steps'>): WipeStep[] {
  return [...order.steps, ...forgottenSteps(order)]
}
