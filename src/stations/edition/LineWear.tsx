'use client'

import { handOf, plateHistory, wearingLine } from '@/core/edition/plateHistory'
import { QUANTITIES } from '@/core/edition/quantities'
import type { Pull } from '@/core/edition/pull'
import { describePlateLife, plateLife } from '@/core/plate/plateLife'
import type { Facing } from '@/core/plate/plateState'
import { fitTrendAndHands, nextReading } from '@/core/stats/trendAndHands'
import { capital } from '@/core/units/capital'
import { formatNumber } from '@/core/units/length'
import { Sum } from '@/ui/Sum'
import { useBench, useJob } from '../across/bench/BenchContext'
import { LIFE_BY, lifeRows } from '../plate/plateStates'

/** How long the plate will still match, by the same reckoning as at the plate, and what the next print's line should read. */
export function LineWear({
  pulls,
  bat,
  facings,
}: {
  /** all that the plate made, in their order */
  pulls: readonly Pull[]
  bat: { proof: Pull | null; otherEnd: Pull | null }
  facings: readonly Facing[]
}) {
  const { plate } = useBench()
  const job = useJob()
  if (!plate) return null
  const earlier = job.pullsFromPlate - pulls.length
  const here = job.beside.standsHere[plate.kind] ?? null
  const history = { ...plateHistory(pulls, bat, facings, earlier), here }
  const life = plateLife(plate, job.pullsFromPlate, history)
  const line = wearingLine(pulls, bat, earlier)
  const counted = line?.readings.filter(({ rejected }) => !rejected) ?? []
  const fit = fitTrendAndHands(counted)
  const last = pulls.at(-1)
  const next = fit && last ? nextReading(fit, handOf(last.hands), job.pullsFromPlate + 1) : null
  return (
    <div className="mb-3 border-t border-line pt-2">
      <Sum rows={lifeRows(plate, life, history)}>
        <b data-figure="plate-life">{capital(describePlateLife(life))}</b>, by {LIFE_BY[life.by]}.
      </Sum>
      {line && next && (
        <p className="text-sm text-muted">
          The next print should read {formatNumber(next.low, 2)} to {formatNumber(next.high, 2)} D (9 in 10),
          by {QUANTITIES[line.quantity].label.toLowerCase()}; below {formatNumber(line.floor, 2)} D it no
          longer matches.
        </p>
      )}
    </div>
  )
}
