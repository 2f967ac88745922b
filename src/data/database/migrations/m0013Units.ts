import type { UnitOrder } from '@/core/units/shownUnits'
import { serial, text, textOf } from './columns'
import type { Migration } from './migration'

/** Which units the workshop reads first: the newest row holds; none: metric. */
export const m0013Units = {
  name: '0013-units',
  columns: { unit_orders: { id: serial, at: text, units: textOf<UnitOrder>() } },
} satisfies Migration
