'use client'

import { X } from 'lucide-react'
import type { MixSetting } from '@/core/ink/mix'
import { formatNumber } from '@/core/units/length'
import { formatGrams } from '@/core/units/quantity'
import { NumberField } from '@/ui/NumberField'

/** Least the slider reaches; it grows with the largest part, and more can be typed. */
const SLIDER_PARTS = 20

/** One ink of a mix: its parts by slider or typed, its share beside the BAT's, and its grams in the batch. */
export function MixPartRow({
  part,
  share,
  grams,
  largest,
  held,
  isEstimated,
  onParts,
  onRemove,
}: {
  part: MixSetting['parts'][number]
  share: number
  /** of the batch; null: no batch is set */
  grams: number | null
  largest: number
  /** what the BAT has of it; null: no BAT, or not this ink */
  held: { parts: number; share: number } | null
  /** its colour was never measured */
  isEstimated: boolean
  onParts: (parts: number) => void
  onRemove: () => void
}) {
  const most = Math.max(SLIDER_PARTS, Math.ceil(largest / 10) * 15)
  const off = held === null ? 0 : Math.round(share) - Math.round(held.share)
  return (
    <li className="grid grid-cols-[1fr_auto] items-end gap-x-3 border-b border-line py-1.5 sm:grid-cols-[6.5rem_minmax(4rem,1fr)_4.5rem_2.5rem_3.75rem_2.75rem] sm:items-center">
      <span className="font-medium">
        {part.name}
        {isEstimated && <span className="block text-sm font-normal text-muted">estimated</span>}
      </span>
      <span className="relative order-last col-span-2 flex h-11 items-center sm:order-none sm:col-span-1">
        <input
          type="range"
          aria-label={`Parts of ${part.name}`}
          min={0}
          max={most}
          step={0.1}
          value={part.parts}
          onChange={(event) => onParts(Number(event.target.value))}
          className="min-h-11 w-full"
        />
        {held !== null && (
          <span
            aria-hidden
            title="the BAT"
            className="pointer-events-none absolute top-1 h-2.5 w-0.5 bg-text"
            style={{ left: `calc(0.5rem + ${(100 * held.parts) / most}% - ${held.parts / most}rem)` }}
          />
        )}
      </span>
      <NumberField
        label={`${part.name}, parts`}
        value={part.parts}
        onValue={(next) => next !== null && next >= 0 && onParts(next)}
        className="w-18 [&_label]:sr-only"
      />
      <span
        className={`condensed hidden text-right sm:block ${off === 0 ? 'text-muted' : 'font-semibold text-signal'}`}
      >
        {off === 0 ? `${formatNumber(share, 0)} %` : `◆ ${off > 0 ? '+' : '−'}${Math.abs(off)} %`}
      </span>
      <span className="hidden text-right font-semibold sm:block">
        {grams === null ? '' : formatGrams(grams, 1)}
      </span>
      <button
        type="button"
        onClick={onRemove}
        aria-label={`Take ${part.name} out`}
        className="hidden size-11 place-items-center sm:grid"
      >
        <X size={18} aria-hidden />
      </button>
      <button
        type="button"
        onClick={onRemove}
        className="col-span-2 min-h-11 text-left underline underline-offset-4 sm:hidden"
      >
        Take {part.name} out
      </button>
    </li>
  )
}
