'use client'

import { useState } from 'react'
import { shownUnits, UNIT_ORDER_KEYS, UNIT_ORDERS, type UnitOrder } from '@/core/units/shownUnits'
import type { FieldProblem } from '@/data/database/errors'
import { Choice } from '@/ui/Choice'
import { sendAct } from '../../across/act/sendAct'
import { Problems } from '../../across/pull/Problems'
import { keepUnitOrderAction } from './actions'

const OPTIONS = UNIT_ORDER_KEYS.map((key) => [key, UNIT_ORDERS[key]] as const)

/** Which units are read first, on every screen and paper; either kind can be typed anywhere. */
export function UnitOrderChoice() {
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const pick = async (units: UnitOrder) => {
    const answer = await sendAct(keepUnitOrderAction, { units })
    setProblems(answer.ok ? [] : answer.problems)
    // Every sentence on the page has a quantity in it: the page is written anew.
    if (answer.ok) window.location.reload()
  }
  return (
    <section aria-label="Units" className="mt-6 border-t border-line pt-3">
      <h2 className="station-title mb-1">Units</h2>
      <Choice
        label="Read first"
        value={shownUnits()}
        options={OPTIONS}
        onPick={(units) => void pick(units)}
      />
      <p className="mt-1 text-sm text-muted">
        On every screen and printed sheet. Any unit can be typed anywhere: 7 1/2 in, 19 cm, 68 °F, 2 oz.
      </p>
      <Problems problems={problems} />
    </section>
  )
}
