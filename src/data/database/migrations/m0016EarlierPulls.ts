import { whole } from './columns'
import type { Migration } from './migration'

/** Pulls a run's plate had made before its job, which spent of its life. */
export const m0016EarlierPulls = {
  name: '0016-earlier-pulls',
  columns: { runs: { earlierPulls: { ...whole, defaultValue: 0 } } },
} satisfies Migration
