import type { PressureScale } from '@/core/press/pressureScale'
import { optionalJson } from './columns'
import type { Migration } from './migration'

/** How each press is read. Null: as the first releases had it, in turns of the lead, or on the gauge, that stand in its row. */
export const m0014PressureScales = {
  name: '0014-pressure-scales',
  columns: { presses: { scale: optionalJson<PressureScale>() } },
} satisfies Migration
