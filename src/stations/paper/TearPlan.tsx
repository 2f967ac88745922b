'use client'

import { useState } from 'react'
import { frameFor } from '@/core/paper/frameFit'
import { planTearing, tearPlanInput } from '@/core/paper/tearPlan'
import { formatMm, formatNumber } from '@/core/units/length'
import { Choice } from '@/ui/Choice'
import { Figure } from '@/ui/Figure'
import { LengthField, NumberField } from '@/ui/NumberField'

/** Distances of the tear bar along one side, ascending, mm. */
function barSettings(starts: readonly number[]): number[] {
  return [...new Set(starts.filter((at) => at > 0.01).map((at) => Number(at.toFixed(1))))].sort((a, b) => a - b)
}

/** How many of the job's sheets come out of a parent sheet, drawn to scale, with where the tear bar goes. */
export function TearPlan({ piece, wanted }: { piece: { widthMm: number; heightMm: number }; wanted: number }) {
  const [sheet, setSheet] = useState<{ widthMm: number | null; heightMm: number | null }>({ widthMm: 560, heightMm: 760 })
  const [turn, setTurn] = useState<'both' | 'grain'>('grain')
  const [gapMm, setGap] = useState<number | null>(0)
  const input = tearPlanInput.safeParse({ sheet, piece, allowRotate: turn === 'both', gapMm })
  const plan = input.success ? planTearing(input.data) : null
  const at = (...path: string[]) => (input.success ? undefined : input.error.issues.find((issue) => issue.path.join() === path.join())?.message)
  const frame = frameFor(piece)
  const waste = plan && sheet.widthMm && sheet.heightMm ? 100 * (1 - (plan.count * piece.widthMm * piece.heightMm) / (sheet.widthMm * sheet.heightMm)) : null
  return (
    <section aria-label="Tearing" className="mt-6 grid gap-6 border-t border-line pt-4 xl:grid-cols-2">
      <div className="grid content-start gap-3 sm:grid-cols-2">
        <h2 className="station-title sm:col-span-2">Tear from a parent sheet</h2>
        <LengthField label="Parent sheet width" value={sheet.widthMm} onValue={(widthMm) => setSheet({ ...sheet, widthMm })} problem={at('sheet', 'widthMm')} />
        <LengthField label="Parent sheet height" value={sheet.heightMm} onValue={(heightMm) => setSheet({ ...sheet, heightMm })} problem={at('sheet', 'heightMm')} />
        <div>
          <p className="mb-0.5 text-sm text-muted">Grain</p>
          <Choice label="Grain" value={turn} options={[['grain', 'all one way'], ['both', 'either way']]} onPick={setTurn} />
        </div>
        <NumberField label="Lost at a tear" unit="mm" value={gapMm} onValue={setGap} problem={at('gapMm')} />
        {at('piece', 'widthMm') ?? at('piece', 'heightMm') ? <p role="alert" className="font-medium text-signal sm:col-span-2">◆ A sheet of {formatMm(piece.widthMm)} × {formatMm(piece.heightMm)} {at('piece', 'widthMm') ?? at('piece', 'heightMm')}.</p> : null}
        {plan && (
          <div className="flex flex-wrap gap-x-8 gap-y-3 sm:col-span-2">
            <Figure value={plan.count} label="from one parent sheet" note={waste === null ? undefined : `${formatNumber(waste, 0)} % waste`} />
            <Figure value={Math.ceil(wanted / plan.count)} label={`parent sheets for ${wanted}`} />
          </div>
        )}
        <p className="text-sm sm:col-span-2">{frame ? `Goes whole into a stock frame ${frame.name}, with ${formatNumber(frame.sparesMm.across, 0)} × ${formatNumber(frame.sparesMm.down, 0)} mm left over in all.` : '◆ Larger than any stock frame.'}</p>
        {plan && <p className="text-sm sm:col-span-2">Tear bar, from the left: {barSettings(plan.placements.map(({ xMm }) => xMm)).map((mm) => formatMm(mm)).join(', ') || 'no tear'}. From the top: {barSettings(plan.placements.map(({ yMm }) => yMm)).map((mm) => formatMm(mm)).join(', ') || 'no tear'}.</p>}
      </div>
      {plan && sheet.widthMm && sheet.heightMm && (
        <svg viewBox={`-4 -4 ${sheet.widthMm + 8} ${sheet.heightMm + 8}`} className="max-h-80 w-full" role="img" aria-label={`${plan.count} pieces on the parent sheet`}>
          <rect width={sheet.widthMm} height={sheet.heightMm} fill="none" stroke="currentColor" strokeWidth="2" vectorEffect="non-scaling-stroke" />
          {plan.placements.map(({ xMm, yMm, widthMm, heightMm, rotated }, i) => (
            <g key={i}>
              <rect x={xMm} y={yMm} width={widthMm} height={heightMm} fill="var(--raised)" stroke="currentColor" strokeWidth="1" vectorEffect="non-scaling-stroke" />
              <path d={rotated ? `M${xMm + widthMm * 0.3} ${yMm + heightMm / 2}h${widthMm * 0.4}` : `M${xMm + widthMm / 2} ${yMm + heightMm * 0.3}v${heightMm * 0.4}`} stroke="currentColor" strokeWidth="1" vectorEffect="non-scaling-stroke" />
            </g>
          ))}
        </svg>
      )}
    </section>
  )
}
