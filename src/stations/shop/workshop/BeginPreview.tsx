'use client'

import type { PrintStep } from '@/core/prove/firstPrint'
import type { Bench } from '@/core/prove/settings'
import { layOut } from '@/core/register/layOut'
import { formatMm } from '@/core/units/length'

/** What the print comes to while it is being said: the sheet with its plate, and the acts of the first print with their figures. */
export function BeginPreview({ bench, steps }: { bench: Bench; steps: readonly PrintStep[] }) {
  return (
    <section aria-label="What it comes to" className="grid content-start gap-3">
      <SheetSketch bench={bench} />
      {steps.length > 0 && (
        <ol aria-label="The first print" className="text-sm">
          {steps.map(({ station, act, isUsual }) => (
            <li key={station} className="border-t border-line py-1.5">
              {isUsual ? '△ ' : ''}
              {act}
            </li>
          ))}
        </ol>
      )}
      {steps.some(({ isUsual }) => isUsual) && (
        <p className="text-sm text-muted">△ As is usual, until you set it.</p>
      )}
    </section>
  )
}

/** Longest side of the sketch, in its own units. */
const LONGEST = 240

/** The sheet with the plate on it, to scale. */
function SheetSketch({ bench: { plate, paper, register } }: { bench: Bench }) {
  if (!plate || !paper || !register) return null
  const sheet = { widthMm: paper.sheetWidthMm, heightMm: paper.sheetHeightMm }
  const laid = layOut(register, sheet, { widthMm: plate.widthMm, heightMm: plate.heightMm })
  if (!laid.ok) return null
  const scale = LONGEST / Math.max(sheet.widthMm, sheet.heightMm)
  const [width, height] = [sheet.widthMm * scale, sheet.heightMm * scale]
  const { leftMm, topMm } = laid.margins
  return (
    <figure>
      <svg
        viewBox={`-1 -1 ${width + 2} ${height + 2}`}
        className="max-h-48 max-w-full"
        role="img"
        aria-label={`The plate on its sheet: margins of ${formatMm(leftMm)} at the left and ${formatMm(topMm)} at the top`}
      >
        <rect width={width} height={height} fill="#fff" stroke="#444" />
        <rect
          x={leftMm * scale}
          y={topMm * scale}
          width={plate.widthMm * scale}
          height={plate.heightMm * scale}
          fill="#c4c4c4"
          stroke="#444"
        />
      </svg>
      <figcaption className="text-sm text-muted">
        {formatMm(plate.widthMm)} × {formatMm(plate.heightMm)} on {formatMm(sheet.widthMm)} ×{' '}
        {formatMm(sheet.heightMm)}: {formatMm(leftMm)} at the sides, {formatMm(topMm)} above
      </figcaption>
    </figure>
  )
}
