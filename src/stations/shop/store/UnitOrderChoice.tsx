'use client'

import { useState } from 'react'
import { shownUnits, UNIT_ORDER_KEYS, UNIT_ORDERS } from '@/core/units/shownUnits'
import { shownTongue, TRADE_TONGUE_KEYS, TRADE_TONGUES } from '@/core/units/tradeWords'
import type { FieldProblem } from '@/data/database/errors'
import { Choice } from '@/ui/Choice'
import { sendAct } from '../../across/act/sendAct'
import { Problems } from '../../across/pull/Problems'
import { keepTongueAction, keepUnitOrderAction } from './actions'

const UNITS = UNIT_ORDER_KEYS.map((key) => [key, UNIT_ORDERS[key]] as const)
const TONGUES = TRADE_TONGUE_KEYS.map((key) => [key, TRADE_TONGUES[key]] as const)

/** Which units are read first and whose words, on every screen and paper; either kind of unit can be typed anywhere. */
export function UnitOrderChoice() {
  const [problems, setProblems] = useState<FieldProblem[]>([])
  const seen = (answer: { ok: true } | { ok: false; problems: FieldProblem[] }) => {
    setProblems(answer.ok ? [] : answer.problems)
    // Every sentence on the page has a quantity or a thing of the trade in it: the page is written anew.
    if (answer.ok) window.location.reload()
  }
  return (
    <section aria-label="Units and words" className="mt-6 border-t border-line pt-3">
      <h2 className="station-title mb-1">Units and words</h2>
      <Choice
        label="Read first"
        value={shownUnits()}
        options={UNITS}
        onPick={(units) => void sendAct(keepUnitOrderAction, { units }).then(seen)}
      />
      <p className="mt-1 mb-3 text-sm text-muted">
        On every screen and printed sheet. Any unit can be typed anywhere: 7 1/2 in, 19 cm, 68 °F, 2 oz.
      </p>
      <Choice
        label="Words of the trade"
        value={shownTongue()}
        options={TONGUES}
        onPick={(tongue) => void sendAct(keepTongueAction, { tongue }).then(seen)}
      />
      <Problems problems={problems} />
    </section>
  )
}
