'use client'

import { eyeSeries, runSeries, scanSeries } from '@/core/edition/editionProgress'
import { QUANTITIES } from '@/core/edition/quantities'
import type { Pull } from '@/core/edition/pull'
import { controlChart } from '@/core/stats/controlChart'
import { comparedWords } from '../across/match/words'
import type { Facing } from '@/core/plate/plateState'
import { Holding } from './Holding'
import { LineWear } from './LineWear'
import { strayWords } from './words'
import { RunChart } from '@/ui/RunChart'

/** Prints from which limits say something; before, the tolerance alone is drawn. */
const LIMITS_FROM = 20

/** How the run holds: by the eye, by the scan and by each reading, and how long the plate will still match. */
export function EditionCharts({
  pulls,
  edition,
  bat,
  otherEnd,
  alike,
  facings,
}: {
  /** of the run on the bench, warm-ups too */
  pulls: Pull[]
  edition: Pull[]
  bat: Pull | null
  otherEnd: Pull | null
  alike: boolean
  facings: readonly Facing[]
}) {
  const series = runSeries(edition, bat, otherEnd)
  const eyes = eyeSeries(edition)
  const scans = scanSeries(edition)
  return (
    <section aria-label="Run charts" className="min-w-0">
      {alike ? (
        <Holding pulls={pulls} series={series} />
      ) : (
        <p className="text-sm">
          The prints vary by intent: what differs is noted, and nothing is looked for in it.
        </p>
      )}
      {eyes.length > 1 && (
        <RunChart
          title="The eye against the BAT"
          points={eyes}
          band={{ target: 0, low: -0.5, high: 0.5 }}
          words={{ '-1': 'lighter', '0': 'same', '1': 'darker' }}
        />
      )}
      {scans && (
        <RunChart
          title="Scan against the BAT, mean ΔE00"
          points={scans.points}
          band={scans.band}
          remark={comparedWords(scans)}
        />
      )}
      {series.map(({ quantity, points, band, outside: strays }) => (
        <RunChart
          key={quantity}
          title={QUANTITIES[quantity].label}
          unit={QUANTITIES[quantity].unit}
          points={points}
          band={alike ? band : null}
          limits={
            points.length >= LIMITS_FROM ? controlChart({ values: points.map(({ value }) => value) }) : null
          }
          remark={alike ? strayWords(strays, band !== null) : undefined}
        />
      ))}
      <LineWear pulls={pulls} bat={{ proof: bat, otherEnd }} facings={facings} />
      {series.length === 0 && eyes.length < 2 && !scans && (
        <p className="text-sm text-muted">Charts of the run stand here once two pulls are judged.</p>
      )}
    </section>
  )
}
