'use client'

import { showUnits, type UnitOrder } from '@/core/units/shownUnits'
import { showTongue, type TradeTongue } from '@/core/units/tradeWords'

/** Everything within it is written in the units and the words of the trade the workshop reads, on the server and on the screen alike. */
export function UnitsShown({
  order,
  tongue,
  children,
}: {
  order: UnitOrder
  tongue: TradeTongue
  children: React.ReactNode
}) {
  showUnits(order)
  showTongue(tongue)
  return children
}
