import { optionalText } from './columns'
import type { Migration } from './migration'

/** Which of a run's mixes was weighed: null is the first, and was the only one before there could be several. */
export const m0019MixWeighed = {
  name: '0019-mix-weighed',
  columns: { ink_weighings: { mixId: optionalText } },
} satisfies Migration
