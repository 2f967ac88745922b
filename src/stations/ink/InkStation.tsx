'use client'

import { onShelf } from '@/core/units/onShelf'
import { formatGrams } from '@/core/units/quantity'
import dynamic from 'next/dynamic'
import { useMemo } from 'react'
import { estimateGramsPerPull } from '@/core/ink/inkNeed'
import { recipeGrams } from '@/core/ink/mix'
import type { Bench } from '@/core/prove/settings'
import { needOfMix } from '@/core/record/jobNeed'
import type { MixCard } from '@/core/ink/mixCard'
import type { StoreInk } from '@/data/shop/inks'
import type { StorePaper } from '@/data/shop/store'
import { Choice } from '@/ui/Choice'
import { SelectField, TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { HotplateCaution } from '../across/bench/cautions'
import { KeepLine } from '../across/bench/KeepLine'
import { needSum } from '../across/bench/needSum'
import { problemAt } from '../across/bench/problemAt'
import { useNeed } from '../across/bench/useNeed'
import { mixAnswer } from './answers'
import { InkRooms } from './InkRooms'
import { MixPartRow } from './MixPartRow'
import { MixStrip } from './MixStrip'
import { Modifiers } from './Modifiers'
import { MoreInks } from './MoreInks'
import { useMix } from './useMix'

/** Colour is calculated from tables of light and eye, which are read once the page stands. */
const InkForecast = dynamic(() => import('./InkForecast').then((module) => module.InkForecast), {
  ssr: false,
  loading: () => <p className="min-h-96 text-sm text-muted">Calculating the colour…</p>,
})

/** What the BAT's mix has of an ink: its parts, and its share in a hundred; null: nothing. */
function heldPart(
  ink: Bench['ink'] | undefined,
  mixId: string,
  inkId: string,
): { parts: number; share: number } | null {
  const mix = ink?.mixes.find(({ id }) => id === mixId)
  const at = mix?.parts.findIndex((part) => part.inkId === inkId) ?? -1
  if (!mix || at < 0) return null
  return {
    parts: mix.parts[at].parts,
    share: recipeGrams({ parts: mix.parts, batchGrams: 100 })[at].grams,
  }
}

/** Whether inks are brought on one by one, and this one is not among them. */
const isNotInked = (wipe: Bench['wipe'], mixId: string): boolean =>
  wipe !== null &&
  wipe.inking.some((one) => one.mixId !== null) &&
  !wipe.inking.some((one) => one.mixId === mixId)

/** The ink bench: parts in, forecast out, and the card that makes the mix again. */
export function InkStation({
  inks,
  papers,
  cards,
}: {
  inks: StoreInk[]
  papers: StorePaper[]
  cards: MixCard[]
}) {
  const bench = useBench()
  const whole = useNeed()
  const job = useJob()
  const { plate } = bench
  const { value, change, mixes, add, takeOff, pick, ...kept } = useMix()
  const need = needOfMix(whole, value.id)
  const parts = useMemo(() => value.parts ?? [], [value.parts])
  const unused = onShelf(inks).filter(({ id }) => !parts.some((part) => part.inkId === id))
  const stirIn = ({ id, name }: Pick<StoreInk, 'id' | 'name'>) =>
    change({
      parts: [...parts, { inkId: id, name, parts: 1 }],
      name: value.name || `${name} mix`,
    })
  return (
    <Panel
      rooms={<InkRooms />}
      title="Ink"
      aside={<KeepLine {...kept} />}
      answer={{ ...mixAnswer(value, need), sum: value.batchGrams ? needSum(need) : [] }}
    >
      <HotplateCaution />
      <MixStrip mixes={mixes} open={value.id} onPick={pick} />
      {isNotInked(bench.wipe, value.id) && (
        <p className="mb-3 text-sm">
          ◆ {value.name || 'This ink'} is not among the inks that go on: take it off the plate, or add it to
          the inking in Wipe.
        </p>
      )}
      <div className="grid gap-6 xl:grid-cols-2">
        <div>
          <div className="grid gap-3 sm:grid-cols-2">
            <TextField
              label="Name of the mix"
              value={value.name ?? ''}
              onText={(name) => change({ name })}
              problem={problemAt(kept.problems, 'name')}
            />
            <div>
              <p className="mb-0.5 text-sm text-muted">Parts are</p>
              <Choice
                label="Parts are"
                value={value.basis}
                options={[
                  ['volume', 'by volume'],
                  ['grams', 'grams'],
                ]}
                onPick={(basis) => change({ basis })}
              />
            </div>
          </div>
          <ul className="mt-3 border-t border-line" aria-label="Inks in the mix">
            {parts.map((part, i) => (
              <MixPartRow
                key={part.inkId}
                part={part}
                share={recipeGrams({ parts, batchGrams: 100 })[i].grams}
                grams={
                  value.batchGrams ? recipeGrams({ parts, batchGrams: value.batchGrams })[i].grams : null
                }
                isEstimated={inks.some(({ id, source }) => id === part.inkId && source === 'estimated')}
                held={heldPart(job.bat?.settings.ink, value.id, part.inkId)}
                largest={Math.max(...parts.map((other) => other.parts))}
                onParts={(amount) =>
                  change({ parts: parts.map((other, n) => (n === i ? { ...other, parts: amount } : other)) })
                }
                onRemove={() => change({ parts: parts.filter((_, n) => n !== i) })}
              />
            ))}
          </ul>
          {problemAt(kept.problems, 'parts') && (
            <p role="alert" className="text-sm font-medium text-signal">
              ◆ {problemAt(kept.problems, 'parts')}
            </p>
          )}
          <SelectField
            label="Add an ink"
            anchor="mix-add"
            value=""
            className="mt-2 max-w-72"
            options={[
              ['', `${unused.length} on the shelf`],
              ...unused.map(
                ({ id, name, source }) =>
                  [id, source === 'estimated' ? `${name} (estimated)` : name] as const,
              ),
            ]}
            onPick={(id) => {
              const ink = inks.find((candidate) => candidate.id === id)
              if (ink) stirIn(ink)
            }}
          />
          <MoreInks
            inks={inks}
            cards={cards}
            mixes={mixes}
            name={value.name ?? ''}
            isBegun={parts.length > 0}
            onAdd={add}
            onOwn={stirIn}
            onTakeOff={takeOff}
            onNew={() => change({ name: '', parts: [], modifiers: [], card: undefined, target: undefined })}
          />
          <Modifiers
            key={value.id}
            modifiers={value.modifiers ?? []}
            puddleGrams={value.puddleGrams}
            problems={kept.problems}
            onChange={change}
          />
          <fieldset className="mt-3 grid grid-cols-2 gap-3 border-t border-line pt-2 sm:grid-cols-4">
            <legend className="sr-only">Amount and temperature</legend>
            <NumberField
              label="Batch"
              anchor="mix-batch"
              unit="g"
              value={value.batchGrams}
              onValue={(batchGrams) => change({ batchGrams })}
              problem={problemAt(kept.problems, 'batchGrams')}
            />
            <NumberField
              label="Ink used a pull"
              unit="g"
              digits={2}
              value={value.gramsPerPull}
              onValue={(gramsPerPull) => change({ gramsPerPull })}
              problem={problemAt(kept.problems, 'gramsPerPull')}
              hint={
                plate
                  ? `${formatGrams(estimateGramsPerPull(plate.widthMm, plate.heightMm) / mixes.length, 1)} by plate area${mixes.length > 1 ? `, shared among ${mixes.length} inks` : ', put on less carded back'}`
                  : undefined
              }
            />
            <NumberField
              label="Room"
              unit="°C"
              digits={1}
              value={value.roomC}
              onValue={(roomC) => change({ roomC })}
              problem={problemAt(kept.problems, 'roomC')}
            />
            <NumberField
              label="Plate"
              unit="°C"
              digits={1}
              value={value.plateC}
              onValue={(plateC) => change({ plateC })}
              problem={problemAt(kept.problems, 'plateC')}
              hint={(value.plateC ?? 0) > 45 ? 'Too hot to hold: cool it.' : undefined}
            />
          </fieldset>
        </div>
        <InkForecast
          parts={parts}
          inks={inks}
          papers={papers}
          cards={cards}
          cardId={value.card?.id ?? null}
        />
      </div>
    </Panel>
  )
}
