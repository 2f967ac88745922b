import type { InkingStep } from './wipingOrder'

/** The inking with every ink called what its mix is called now. */
export const namedAsMixed = (
  inking: readonly InkingStep[],
  mixes: readonly { id: string; name: string }[],
): InkingStep[] =>
  inking.map((one) => ({ ...one, ink: mixes.find(({ id }) => id === one.mixId)?.name ?? one.ink }))
