import type { WipeMaterial, WipeStep, WipingOrder } from './wipingOrder'

/** Materials that carry ink from where they were to where they go. */
const CARRIES: ReadonlySet<WipeMaterial> = new Set(['card', 'tarlatan', 'paper', 'rag'])

/**
 * Steps over the whole plate that drag one colour into the next where several inks are on it: a card, or any cloth or paper that is not
 * clean [common practice, no source].
 */
export const draggingSteps = ({ steps, inking }: Pick<WipingOrder, 'steps' | 'inking'>): WipeStep[] =>
  inking.length < 2
    ? []
    : steps.filter(
        ({ material, cleanliness, zone }) =>
          zone === '' && CARRIES.has(material) && (material === 'card' || cleanliness !== 'clean'),
      )
