'use client'

import { formatGrams } from '@/core/units/quantity'
import { useState } from 'react'
import { countedMix, PORTIONS, type Portion } from '@/core/ink/countedMix'
import { puddleGrams, UNWEIGHED } from '@/core/ink/inkNeed'
import type { MixSetting } from '@/core/ink/mix'
import { counted, plural } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { LengthField } from '@/ui/NumberField'
import { useCountOfMix } from './keptCount'

/** Shares this near to the recipe's are the recipe, %. */
const AS_THE_RECIPE = 2

/** Grams by the look of a puddle, where there is no scale. */
function Puddle({ onGrams }: { onGrams: (grams: number) => void }) {
  const [puddle, setPuddle] = useState<{ diameterMm: number | null; heightMm: number | null }>({
    diameterMm: null,
    heightMm: null,
  })
  const { diameterMm, heightMm } = puddle
  const grams = diameterMm && heightMm ? puddleGrams({ diameterMm, heightMm }) : null
  return (
    <fieldset className="mt-4 grid grid-cols-2 gap-3 border-t border-line pt-2">
      <legend className="text-sm text-muted">Without a scale: the puddle on the slab</legend>
      <LengthField
        label="Across"
        value={diameterMm}
        onValue={(mm) => setPuddle({ ...puddle, diameterMm: mm })}
      />
      <LengthField label="High" value={heightMm} onValue={(mm) => setPuddle({ ...puddle, heightMm: mm })} />
      {grams !== null && (
        <>
          <p>
            About <b>{formatGrams(grams, 1)}</b>, ± {100 * UNWEIGHED} % until it is weighed.
          </p>
          <Button onClick={() => onGrams(Number(grams.toFixed(1)))}>Take it as the batch</Button>
        </>
      )}
    </fieldset>
  )
}

/** Ink counted into the mix as it is put together: one tap an addition, with what the recipe still wants of each. */
function Counting({
  jobId,
  parts,
  onMix,
}: {
  jobId: string
  parts: MixSetting['parts']
  onMix: (patch: Partial<MixSetting>) => void
}) {
  const { count, set } = useCountOfMix(jobId)
  const { portion, taps } = count
  const { one, many, grams: oneWeighs } = PORTIONS[portion]
  const known = taps.filter((tap) => parts.some(({ inkId }) => inkId === tap))
  const own = (inkId: string) => known.filter((tap) => tap === inkId).length
  const mix = countedMix(
    parts.map(({ inkId, name, parts: share }) => ({ name, parts: share, counted: own(inkId) })),
    oneWeighs,
  )
  const last = parts.find(({ inkId }) => inkId === known.at(-1))
  const take = () => {
    const whole = parts.reduce((sum, { parts: share }) => sum + share, 0)
    const strays = parts.some(
      ({ inkId, parts: share }) =>
        Math.abs((100 * own(inkId)) / mix.portions - (100 * share) / whole) > AS_THE_RECIPE,
    )
    const batchGrams = Number(mix.grams.toFixed(1))
    onMix(
      strays
        ? {
            batchGrams,
            basis: 'volume',
            parts: parts.flatMap((part) =>
              own(part.inkId) > 0 ? [{ ...part, parts: own(part.inkId) }] : [],
            ),
          }
        : { batchGrams },
    )
    set({ taps: [] })
  }
  return (
    <fieldset className="mt-4 border-t border-line pt-2">
      <legend className="text-sm text-muted">Without a scale: count it in, one tap an addition</legend>
      <Choice
        label="Counted by the"
        value={portion}
        options={(Object.keys(PORTIONS) as Portion[]).map(
          (key) => [key, `${PORTIONS[key].one}, ${formatGrams(PORTIONS[key].grams, 1)}`] as const,
        )}
        onPick={(next) => set({ portion: next })}
      />
      <div className="mt-2 grid gap-2 sm:grid-cols-2">
        {parts.map(({ inkId, name }, i) => (
          <Button
            key={inkId}
            className="min-h-14 justify-between"
            onClick={() => set({ taps: [...known, inkId] })}
          >
            <span>
              <b>{name}</b>, one {one}
            </span>
            <span className="text-right">
              {own(inkId)} in
              {mix.wanted[i] > 0.05 && <>, {formatNumber(mix.wanted[i], 1)} to go</>}
            </span>
          </Button>
        ))}
      </div>
      {mix.portions > 0 && (
        <div className="mt-2 flex flex-wrap items-center gap-3">
          <p data-said>
            {counted(mix.portions, one, many)}: about <b>{formatGrams(mix.grams, 1)}</b>, from{' '}
            {formatGrams(mix.from, 1)} to {formatGrams(mix.to, 1)} until it is weighed.
            {mix.wanted.every((wanted) => wanted <= 0.05)
              ? ' The colours stand as the recipe has them.'
              : ` The recipe wants ${counted(Math.ceil(mix.wanted.reduce((sum, wanted) => sum + wanted, 0)), one, many)} more.`}
          </p>
          {last && (
            <Button look="quiet" onClick={() => set({ taps: known.slice(0, -1) })}>
              Take the last {last.name} back
            </Button>
          )}
          <Button onClick={take}>Take {plural(mix.portions, 'it', 'them')} as the mix</Button>
        </div>
      )}
    </fieldset>
  )
}

/** A mix without a scale: counted in as it is put together, or judged by the puddle it makes. */
export function WithoutScale({
  jobId,
  parts,
  onMix,
}: {
  jobId: string
  parts: MixSetting['parts']
  onMix: (patch: Partial<MixSetting>) => void
}) {
  return (
    <>
      {parts.length > 0 && <Counting jobId={jobId} parts={parts} onMix={onMix} />}
      <Puddle onGrams={(batchGrams) => onMix({ batchGrams })} />
    </>
  )
}
