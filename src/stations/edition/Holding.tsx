'use client'

import { CHARTS_FROM, FALSE_IN, findDrifts, handsOfEdition, mostReadings } from '@/core/edition/holdEdition'
import type { RunSeries } from '@/core/edition/editionProgress'
import { QUANTITIES } from '@/core/edition/quantities'
import type { Pull } from '@/core/edition/pull'
import { counted } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'

type Hands = NonNullable<ReturnType<typeof handsOfEdition>>

/** How the prints of each hand lie, wear taken out; only what can be told apart is said as a difference. */
function HandsApart({ quantity, hands }: Hands) {
  const unit = quantity === 'eye' ? 'steps of the eye' : QUANTITIES[quantity].unit
  const what = quantity === 'eye' ? 'by the eye' : `in ${QUANTITIES[quantity].label.toLowerCase()}`
  const told = hands.filter(({ low, high }) => low > 0 || high < 0)
  if (told.length === 0)
    return (
      <p className="text-sm">
        No difference between the hands shows yet (
        {hands.map(({ hand, count }) => `${hand}, ${counted(count, 'print')}`).join('; ')}).
      </p>
    )
  const isDark = quantity === 'eye' || unit === 'D'
  const way = (difference: number) => {
    if (isDark) return difference > 0 ? 'darker' : 'lighter'
    return difference > 0 ? 'higher' : 'lower'
  }
  return (
    <p className="text-sm">
      {told
        .map(
          ({ hand, difference, high, count }) =>
            `${hand}’s prints are a little ${way(difference)} ${what}: ${formatNumber(Math.abs(difference), 3)} ± ${formatNumber(high - difference, 3)} ${unit}, ${counted(count, 'print')}`,
        )
        .join('; ')}
      . Wear is taken out. Agree on one wiping method.
    </p>
  )
}

/** What the run says in words: drift before the tolerance is broken, and how the hands differ. */
export function Holding({ pulls, series }: { pulls: readonly Pull[]; series: readonly RunSeries[] }) {
  const drifts = findDrifts(pulls, series)
  const hands = handsOfEdition(pulls, series)
  const most = mostReadings(pulls, series)
  return (
    <section aria-label="Consistency" className="mb-4 grid gap-2">
      {drifts.map(({ words, likely, quantity }) => (
        <div data-said key={quantity + words} className="border-l-4 border-text bg-raised p-3">
          <p className="font-semibold">◆ {words}</p>
          <p className="text-sm">{likely.join('; ')}.</p>
        </div>
      ))}
      {most >= CHARTS_FROM && (
        <p className="text-sm text-muted">
          {drifts.length === 0 && 'Nothing has shifted, even wear apart. '}
          Of stable editions fewer than 1 in {FALSE_IN} is told of a shift that is none.
        </p>
      )}
      {most > 0 && most < CHARTS_FROM && (
        <p className="text-sm text-muted">Whether it holds can be told from {CHARTS_FROM} readings on.</p>
      )}
      {hands && <HandsApart {...hands} />}
    </section>
  )
}
