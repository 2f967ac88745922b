'use client'

import { useState } from 'react'
import { learnGrowth, type GrowthMarks } from '@/core/paper/growth'
import type { TwoPlateRoute } from '@/core/register/registerSetting'
import { twoPlateRoutes } from '@/core/register/twoPlates'
import { formatNumber } from '@/core/units/length'
import { formatFine } from '@/core/units/quantity'
import { Button } from '@/ui/Button'
import { NumberField } from '@/ui/NumberField'
import { useBench } from '../across/bench/BenchContext'

/** The two ways of bringing a second plate onto a sheet, by what changing the plate and drying take here; best first, none without plate and paper. */
export function useTwoWays(marks: readonly GrowthMarks[]) {
  const { plate, paper } = useBench()
  const [changeMinutes, setChange] = useState<number | null>(3)
  const [dryDays, setDays] = useState<number | null>(7)
  const routes =
    plate && paper
      ? twoPlateRoutes({
          plate,
          sheet: { widthMm: paper.sheetWidthMm, heightMm: paper.sheetHeightMm },
          grain: paper.grain,
          growth: learnGrowth(marks.filter(({ paperId }) => paperId === paper.paperId)),
          changeMinutes: Math.max(0, changeMinutes ?? 0),
          dryDays: Math.max(0, dryDays ?? 0),
          dampMinutes: paper.dampMinutes,
        })
      : []
  return { routes, changeMinutes, setChange, dryDays, setDays }
}

/** Both ways with what each costs and how well it is likely to fit. */
export function TwoWays({
  ways: { routes, changeMinutes, setChange, dryDays, setDays },
  route,
  onRoute,
}: {
  ways: ReturnType<typeof useTwoWays>
  route: TwoPlateRoute
  onRoute: (route: TwoPlateRoute) => void
}) {
  return (
    <section aria-label="Two ways" className="mt-6 border-t border-line pt-4">
      <h2 className="station-title">Two ways to a second plate</h2>
      <div className="my-2 flex flex-wrap gap-3">
        <NumberField
          label="Changing the plate takes"
          unit="min"
          value={changeMinutes}
          onValue={setChange}
          problem={(changeMinutes ?? 0) < 0 ? 'must be 0 or more' : undefined}
          className="max-w-48"
        />
        <NumberField
          label="Prints dry for"
          unit="days"
          value={dryDays}
          onValue={setDays}
          problem={(dryDays ?? 0) < 0 ? 'must be 0 or more' : undefined}
          className="max-w-48"
        />
      </div>
      <div className="grid gap-6 lg:grid-cols-2">
        {routes.map((one, i) => (
          <article key={one.route} aria-label={one.label} className="border-t-2 border-text pt-2">
            <h3 className="font-semibold">
              {one.label}
              {i === 0 ? ': fits better' : ''}
            </h3>
            <p>
              <b>± {formatFine(one.misfitMm, 2)}</b> at the plate’s edge, mostly from {one.mostlyFrom};{' '}
              {one.days > 0
                ? `${formatNumber(one.days, 0)} days and ${formatNumber(one.minutes, 0)} min of damping`
                : `${formatNumber(one.minutes, 0)} min at the press`}
              .
            </p>
            <ul className="list-disc pl-5 text-sm">
              {one.costs.map((cost) => (
                <li key={cost}>{cost}</li>
              ))}
            </ul>
            {one.route === route ? (
              <p className="mt-1 font-medium">This is how this print is made.</p>
            ) : (
              <Button className="mt-2" onClick={() => onRoute(one.route)}>
                Print it this way
              </Button>
            )}
          </article>
        ))}
      </div>
      <p className="mt-1 text-xs text-muted">
        Laying to 0.2 mm against stops and 0.4 mm by marks, damping again to 12 % of the growth, an open sheet
        losing 1 % of it a minute: rules of thumb.
      </p>
    </section>
  )
}
