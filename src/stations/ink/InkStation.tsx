'use client'

import { formatGrams } from '@/core/units/quantity'
import dynamic from 'next/dynamic'
import { useMemo, useState } from 'react'
import { estimateGramsPerPull, pullsCovered } from '@/core/ink/inkNeed'
import { modifierAmount, MODIFIERS, recipeGrams, type Modifier } from '@/core/ink/mix'
import { formatNumber } from '@/core/units/length'
import { mixCoefficients } from '@/core/ink/predictInk'
import type { MixCard } from '@/core/ink/mixCard'
import { SPECTRUM_START_NM, SPECTRUM_STEP_NM } from '@/core/colour/spectrum'
import type { StoreInk } from '@/data/shop/inks'
import type { StorePaper } from '@/data/shop/store'
import { Choice } from '@/ui/Choice'
import { SelectField, TextField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { HotplateCaution } from '../across/bench/cautions'
import { KeepLine } from '../across/bench/KeepLine'
import { problemAt } from '../across/bench/problemAt'
import { forecastMix } from './forecastMix'
import { inkConditions } from './inkConditions'
import { InkRooms } from './InkRooms'
import { MixPartRow } from './MixPartRow'
import { mixFilm, nearestCard } from './nearestCard'
import { Overprint } from './Overprint'
import { RecipeCard } from './RecipeCard'
import { Swatches } from './Swatches'
import { useMix } from './useMix'

const SpectrumChart = dynamic(() => import('@/ui/SpectrumChart'), {
  ssr: false,
  loading: () => <p className="h-48 text-sm text-muted">Drawing the chart…</p>,
})

/** Scattering per micrometre above which an ink is a covering white. */
const COVERING_WHITE = 0.2

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
  const job = useJob()
  const { plate } = bench
  const { value, change, ...kept } = useMix()
  const [overId, setOverId] = useState('')
  const [paperId, setPaperId] = useState(bench.paper?.paperId ?? papers[0]?.id ?? '')
  const parts = useMemo(() => value.parts ?? [], [value.parts])
  const paper = papers.find(({ id }) => id === paperId) ?? papers[0]
  const forecast = useMemo(() => forecastMix(parts, inks, paper?.reflectance ?? null), [parts, inks, paper])
  const film = useMemo(() => mixFilm(parts, inks), [parts, inks])
  const conditions = useMemo(() => inkConditions(paper?.reflectance, 'mid'), [paper])
  const mid = forecast?.films.find(({ key }) => key === 'mid')?.forecast
  const near = mid
    ? nearestCard(
        mid.lab,
        cards.filter(({ id }) => id !== value.card?.id),
        inks,
        conditions,
      )
    : null
  const under = inks.find(({ id }) => id === overId)
  const white = inks.find(({ s }) => Math.max(...s) > COVERING_WHITE)
  const unused = inks.filter(({ id }) => !parts.some((part) => part.inkId === id))
  const setModifier = (modifier: Modifier, amount: number | null) => {
    const others = (value.modifiers ?? []).filter((entry) => entry.modifier !== modifier)
    change({ modifiers: amount ? [...others, { modifier, amount }] : others })
  }
  const covers =
    value.batchGrams && value.gramsPerPull ? pullsCovered(value.batchGrams, value.gramsPerPull, 0) : 0

  return (
    <Panel rooms={<InkRooms />} title="Ink" aside={<KeepLine {...kept} />}>
      <HotplateCaution />
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
            label="Add an ink from the shelf"
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
              if (ink)
                change({
                  parts: [...parts, { inkId: ink.id, name: ink.name, parts: 1 }],
                  name: value.name || `${ink.name} mix`,
                })
            }}
          />
          <fieldset className="mt-4 grid grid-cols-2 gap-3 border-t border-line pt-2 sm:grid-cols-3">
            <legend className="sr-only">Modifiers</legend>
            {(Object.entries(MODIFIERS) as [Modifier, (typeof MODIFIERS)[Modifier]][]).map(
              ([modifier, { label, unit, effect }]) => (
                <NumberField
                  key={modifier}
                  label={label}
                  unit={unit}
                  digits={2}
                  hint={
                    unit === 'grams' &&
                    value.puddleGrams &&
                    modifierAmount({ modifiers: value.modifiers ?? [] }, modifier) > 0
                      ? `${effect}; ${formatNumber((100 * modifierAmount({ modifiers: value.modifiers ?? [] }, modifier)) / value.puddleGrams, 0)} % of the puddle`
                      : effect
                  }
                  value={modifierAmount({ modifiers: value.modifiers ?? [] }, modifier)}
                  onValue={(amount) => setModifier(modifier, amount)}
                />
              ),
            )}
            <NumberField
              label="Counted into a puddle of"
              unit="g"
              value={value.puddleGrams}
              onValue={(puddleGrams) => change({ puddleGrams })}
              problem={problemAt(kept.problems, 'puddleGrams')}
            />
          </fieldset>
          <fieldset className="mt-3 grid grid-cols-2 gap-3 border-t border-line pt-2 sm:grid-cols-4">
            <legend className="sr-only">Amount and temperature</legend>
            <NumberField
              label="Batch"
              unit="g"
              value={value.batchGrams}
              onValue={(batchGrams) => change({ batchGrams })}
              problem={problemAt(kept.problems, 'batchGrams')}
            />
            <NumberField
              label="A pull uses up"
              unit="g"
              digits={2}
              value={value.gramsPerPull}
              onValue={(gramsPerPull) => change({ gramsPerPull })}
              problem={problemAt(kept.problems, 'gramsPerPull')}
              hint={
                plate
                  ? `${formatGrams(estimateGramsPerPull(plate.widthMm, plate.heightMm), 1)} by plate area, put on less carded back`
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
        <div>
          <Swatches forecast={forecast} paperName={paper?.name ?? 'no paper'} />
          {film && (
            <div className="mt-3 grid gap-3 sm:grid-cols-2">
              <SelectField
                label="On which paper?"
                value={paper?.id ?? ''}
                options={papers.map(({ id, name }) => [id, name])}
                onPick={setPaperId}
              />
              <SelectField
                label="Over what?"
                value={overId}
                options={[
                  ['', 'the bare paper'],
                  ...inks.map(({ id, name }) => [id, `an earlier run in ${name}`] as const),
                ]}
                onPick={setOverId}
              />
            </div>
          )}
          {film && under && <Overprint title="This mix" upper={film} lower={under} conditions={conditions} />}
          {film && under && white && (
            <Overprint
              title={`With one part in ten of ${white.name}, this mix`}
              upper={mixCoefficients([{ name: 'mix', ...film }, white], [9, 1])}
              lower={under}
              conditions={conditions}
            />
          )}
          {near && near.deltaE00 < 6 && (
            <p className="mt-2 text-sm">
              Nearest card: <b>{near.card.name}</b>, ΔE {formatNumber(near.deltaE00, 1)}.
            </p>
          )}
          {forecast && forecast.films.length > 0 && (
            <SpectrumChart
              title="Reflectance of the three films"
              startNm={SPECTRUM_START_NM}
              stepNm={SPECTRUM_STEP_NM}
              series={forecast.films.map(({ label, forecast: { reflectance } }) => ({
                name: label,
                values: reflectance,
              }))}
            />
          )}
          <RecipeCard mix={value} title={job.title} covers={covers} />
        </div>
      </div>
    </Panel>
  )
}
