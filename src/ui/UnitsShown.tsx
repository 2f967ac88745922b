'use client'

import { showUnits, type UnitOrder } from '@/core/units/shownUnits'

/** Everything within it writes its quantities in the units the workshop reads first, on the server and on the screen alike. */
export function UnitsShown({ order, children }: { order: UnitOrder; children: React.ReactNode }) {
  showUnits(order)
  return children
}
