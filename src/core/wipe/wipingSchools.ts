import { inTradeWords } from '../units/tradeWords'
import { usualStep as step } from './usualStep'
import type { WipingOrder } from './wipingOrder'

const plain = { inking: [], zoneMapVersion: null }

/** Schools of wiping as starting points; durations are common practice, no source. */
export const WIPING_SCHOOLS: Record<
  string,
  {
    label: string
    order: WipingOrder
    /** what brings every ink on and where it stays, where the school says so */
    inked?: Pick<WipingOrder['inking'][number], 'tool' | 'where'>
  }
> = {
  'three-stage': {
    get label() {
      return inTradeWords('Three-stage scrim, then hand')
    },
    order: {
      steps: [
        step('card', 'dirty', 30),
        step('tarlatan', 'dirty', 60),
        step('tarlatan', 'medium', 60),
        step('tarlatan', 'clean', 45),
        step('hand', 'clean', 40, 20),
        step('edges', 'clean', 45),
        step('fingers', 'clean', 20),
      ],
      plateTone: 'light',
      ...plain,
    },
  },
  'paper-only': {
    label: 'Paper only, after the card',
    order: {
      steps: [
        step('card', 'dirty', 30),
        step('paper', 'medium', 60),
        step('paper', 'clean', 75),
        step('edges', 'clean', 45),
        step('fingers', 'clean', 20),
      ],
      plateTone: 'bright',
      ...plain,
    },
  },
  'tarlatan-tone': {
    get label() {
      return inTradeWords('Scrim only, tone left')
    },
    order: {
      steps: [
        step('card', 'dirty', 30),
        step('tarlatan', 'dirty', 60),
        step('tarlatan', 'medium', 60),
        step('edges', 'clean', 45),
        step('fingers', 'clean', 20),
      ],
      plateTone: 'medium',
      ...plain,
    },
  },
  'small-rags': {
    label: 'Small rags, à la poupée',
    order: {
      steps: [
        step('rag', 'dirty', 90),
        step('rag', 'medium', 90),
        step('rag', 'clean', 90),
        step('bud', 'clean', 40),
        step('edges', 'clean', 45),
        step('fingers', 'clean', 20),
      ],
      plateTone: 'light',
      ...plain,
    },
  },
  'surface-rolled': {
    label: 'Rolled on the surface, not wiped',
    inked: { tool: 'roller', where: 'surface' },
    order: {
      steps: [step('edges', 'clean', 45), step('fingers', 'clean', 20)],
      plateTone: 'bright',
      ...plain,
    },
  },
  'colour-by-colour': {
    label: 'Colour by colour, each wiped with its own rag',
    order: {
      steps: [step('bud', 'clean', 40), step('edges', 'clean', 45), step('fingers', 'clean', 20)],
      plateTone: 'light',
      ...plain,
    },
  },
}
