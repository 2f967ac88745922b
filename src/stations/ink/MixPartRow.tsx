'use client'

import { Slider } from 'radix-ui'
import { X } from 'lucide-react'
import type { MixSetting } from '@/core/ink/mix'
import { formatNumber } from '@/core/units/length'
import { formatGrams } from '@/core/units/quantity'
import { NumberField } from '@/ui/NumberField'

/** Least the slider reaches; it grows with the largest part, and more can be typed. */
const SLIDER_PARTS = 20

/** One ink of a mix: its parts by slider or typed, its share, and its grams in the batch. */
export function MixPartRow({
  part,
  share,
  grams,
  largest,
  onParts,
  onRemove,
}: {
  part: MixSetting['parts'][number]
  share: number
  /** of the batch; null: no batch is set */
  grams: number | null
  largest: number
  onParts: (parts: number) => void
  onRemove: () => void
}) {
  return (
    <li className="grid grid-cols-[1fr_auto] items-end gap-x-3 border-b border-line py-1.5 sm:grid-cols-[8rem_1fr_6rem_2.5rem_4rem_2.75rem] sm:items-center">
      <span className="font-medium">{part.name}</span>
      <Slider.Root
        value={[part.parts]}
        max={Math.max(SLIDER_PARTS, Math.ceil(largest / 10) * 15)}
        step={0.1}
        onValueChange={([next]) => onParts(next)}
        className="relative order-last col-span-2 flex h-11 touch-none items-center sm:order-none sm:col-span-1"
      >
        <Slider.Track className="relative h-1 grow bg-line">
          <Slider.Range className="absolute h-full bg-text" />
        </Slider.Track>
        <Slider.Thumb aria-label={`Parts of ${part.name}`} className="block h-7 w-3.5 bg-text" />
      </Slider.Root>
      <NumberField
        label={`${part.name}, parts`}
        value={part.parts}
        onValue={(next) => next !== null && next >= 0 && onParts(next)}
        className="w-24 [&_label]:sr-only"
      />
      <span className="condensed hidden text-right text-muted sm:block">{formatNumber(share, 0)} %</span>
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
