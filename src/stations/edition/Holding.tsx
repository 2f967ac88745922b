'use client'

import { findDrifts, handsOfEdition, RULES_FROM } from '@/core/edition/holdEdition'
import type { RunSeries } from '@/core/edition/editionProgress'
import { QUANTITIES, type Pull } from '@/core/edition/pull'
import { formatNumber } from '@/core/units/length'

/** What the run says in words: drift before the tolerance is broken, and how the hands differ. */
export function Holding({ pulls, series }: { pulls: readonly Pull[]; series: readonly RunSeries[] }) {
  const drifts = findDrifts(pulls, series)
  const hands = handsOfEdition(pulls, series)
  const most = Math.max(0, ...series.map(({ points }) => points.length))
  const unit = hands && hands.quantity !== 'eye' ? QUANTITIES[hands.quantity].unit : 'steps of the eye'
  return (
    <section aria-label="How it holds" className="mb-4 grid gap-2">
      {drifts.map(({ words, likely, quantity }) => (
        <div key={quantity + words} role="status" className="border-l-4 border-text bg-raised p-3">
          <p className="font-semibold">◆ {words}</p>
          <p className="text-sm">{likely.join('; ')}.</p>
        </div>
      ))}
      {drifts.length === 0 && most >= RULES_FROM && (
        <p className="text-sm">No drift by the run rules; wear is taken out before they are asked.</p>
      )}
      {most > 0 && most < RULES_FROM && (
        <p className="text-sm text-muted">
          Run rules speak from {RULES_FROM} readings on; limits from few prints are wide.
        </p>
      )}
      {hands && hands.hands.some(({ pooled }) => Math.abs(pooled) > 0) && (
        <p className="text-sm">
          Everyone’s hand has its constant:{' '}
          {hands.hands
            .map(
              ({ hand, pooled, count }) =>
                `${hand} ${pooled >= 0 ? '+' : '−'}${formatNumber(Math.abs(pooled), 3)} (${count})`,
            )
            .join(', ')}{' '}
          {unit}
          {hands.quantity === 'eye' ? '' : `, ${QUANTITIES[hands.quantity].label.toLowerCase()}`}. Drawn
          together by how little is known; agree on one wipe rather than on one wiper.
        </p>
      )}
    </section>
  )
}
