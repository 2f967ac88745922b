'use client'

import { plural } from '@/core/units/counted'
import { soonOf } from '@/core/units/moment'
import { useZone } from '@/ui/ViewerZone'
import { useState } from 'react'
import { packUptake, planDamping } from '@/core/paper/dampingPlan'
import type { DampingMethod } from '@/core/paper/dampPaper'
import { formatNumber } from '@/core/units/length'
import { Button } from '@/ui/Button'
import { NumberField } from '@/ui/NumberField'
import { useKeptText } from '@/ui/useKeptText'
import { useJob } from '../across/bench/BenchContext'

interface DampingPanelProps {
  method: DampingMethod
  sheets: number
  /** of one sheet at standard air, and as it is today */
  standardGrams: number
  todayGrams: number
  targetUptakePercent: number
  /** weight of the sheet a square metre */
  gsm: number | null
  /** how long they are damped, as was set */
  minutes?: number
}

/** What damping the sheets takes, from when until when they are good, and a whole pack weighed. */
export function DampingPanel({
  method,
  sheets,
  standardGrams,
  todayGrams,
  targetUptakePercent,
  gsm,
  minutes,
}: DampingPanelProps) {
  const zone = useZone()
  const moment = (at: string) => soonOf(at, zone)
  const job = useJob()
  const [dampedAt, setDampedAt] = useKeptText(`typothesis-damped-${job.id}`)
  const [packGrams, setPack] = useState<number | null>(null)
  const [interleavesGrams, setInterleaves] = useState<number | null>(null)
  if (method === 'dry')
    return (
      <p className="text-sm sm:col-span-2">Printed dry: on coated stock the ink stays open and smears.</p>
    )
  const isDamped = !Number.isNaN(Date.parse(dampedAt))
  const plan = planDamping({
    method,
    sheets,
    standardGrams,
    todayGrams,
    targetUptakePercent,
    gsm,
    minutes,
    at: isDamped ? dampedAt : '2000-01-01T00:00:00.000Z',
  })
  const mean =
    packGrams !== null && interleavesGrams !== null
      ? packUptake({ packGrams, interleavesGrams, sheets, dryGrams: standardGrams })
      : null
  return (
    <section aria-label="Damping all sheets" className="grid gap-3 sm:col-span-2 sm:grid-cols-2">
      <p className="sm:col-span-2">
        For <span data-figure="sheets-to-damp">{sheets}</span> {plural(sheets, 'sheet', 'sheets')}:{' '}
        <b data-figure="pack-water">{formatNumber(plan.waterMl, 0)} ml</b> of water taken up
        {method === 'spray' || plan.interleaves > 0 ? ` (${plan.sprays} squeezes of a sprayer)` : ''}
        {plan.interleaves > 0 && (
          <>
            , between <b data-figure="interleaves">{plan.interleaves} interleaves</b>
            {plan.interleaved && (
              <>
                {' '}
                ({plan.interleaved.called}) that hold about{' '}
                <b data-figure="interleaves-water">{formatNumber(plan.interleaved.waterMl, 0)} ml</b> more
              </>
            )}
          </>
        )}
        .
      </p>
      <p className="text-sm">
        {isDamped ? (
          <>
            Damped {moment(dampedAt)}: good from <b>{moment(plan.goodFrom)}</b> until{' '}
            <b>{moment(plan.goodUntil)}</b>
            {plan.lookForMouldFrom && (
              <>
                ; look for mould from <b>{moment(plan.lookForMouldFrom)}</b>
              </>
            )}
            . Typical times.
          </>
        ) : (
          'Press “Damped now” to see when the paper is ready, and until when.'
        )}
      </p>
      <Button onClick={() => setDampedAt(new Date().toISOString())}>
        {isDamped ? 'Damped again' : 'Damped now'}
      </Button>
      {plan.interleaves > 0 && (
        <>
          <NumberField
            label="Whole pack"
            unit="g"
            value={packGrams}
            onValue={setPack}
            problem={
              packGrams !== null && interleavesGrams !== null && mean === null
                ? 'lighter than its dry sheets and interleaves'
                : undefined
            }
          />
          <NumberField
            label="Damp interleaves alone"
            unit="g"
            value={interleavesGrams}
            onValue={setInterleaves}
            hint={
              mean === null ? undefined : `the sheets have taken up ${formatNumber(mean, 1)} % on average`
            }
          />
        </>
      )}
    </section>
  )
}
