'use client'

import { onShelf } from '@/core/units/onShelf'
import { formatGrams } from '@/core/units/quantity'
import { useRouter } from 'next/navigation'
import { useMemo, useState } from 'react'
import { FILM_THICKNESSES } from '@/core/ink/filmThickness'
import type { MixTarget } from '@/core/ink/mix'
import type { MixCard } from '@/core/ink/mixCard'
import type { StoreInk } from '@/data/shop/inks'
import type { StorePaper } from '@/data/shop/store'
import { Button } from '@/ui/Button'
import { Choice } from '@/ui/Choice'
import { SelectField } from '@/ui/Field'
import { NumberField } from '@/ui/NumberField'
import { Panel } from '@/ui/Panel'
import { useBench, useJob } from '../across/bench/BenchContext'
import { KeepLine } from '../across/bench/KeepLine'
import { matchAnswer } from './colourAnswers'
import { inkConditions, type FilmKey } from './inkConditions'
import { InkRooms } from './InkRooms'
import { MixStrip } from './MixStrip'
import { useOpenMix } from './openMix'
import { RecipeList, scaleRecipe, type ScaledRecipe } from './RecipeList'
import { SearchProgress } from './SearchProgress'
import { TargetChoice } from './TargetChoice'
import { useInkSearch } from './useInkSearch'
import { useMix } from './useMix'

/** Largest batch the ink bench takes, grams. */
const MOST_GRAMS = 100_000

type Use = 'may' | 'must' | 'out'
const USES = [
  ['may', 'may be used'],
  ['must', 'use it up'],
  ['out', 'leave out'],
] as const

/** The colour the open mix is to meet. */
export const RecipeRoom = (props: Parameters<typeof Recipe>[0]) => (
  <Recipe key={useOpenMix(useJob().id)} {...props} />
)

/** From a colour to weighed recipes: what to meet, with which inks, how much of it. */
function Recipe({ inks, papers, cards }: { inks: StoreInk[]; papers: StorePaper[]; cards: MixCard[] }) {
  const bench = useBench()
  const job = useJob()
  const router = useRouter()
  const { value, change, mixes, pick, ...kept } = useMix()
  const [target, setTarget] = useState<MixTarget | null>(value.target ?? null)
  const [film, setFilm] = useState<FilmKey>('mid')
  const [most, setMost] = useState('3')
  const [grams, setGrams] = useState<number | null>(value.batchGrams ?? 40)
  const [stepGrams, setStep] = useState('0.1')
  const [uses, setUses] = useState<Record<string, Use>>({})
  const { done, found, failed, search, cancel } = useInkSearch()
  const paper = papers.find(({ id }) => id === bench.paper?.paperId) ?? papers[0]
  const conditions = useMemo(() => inkConditions(paper?.reflectance, film), [paper, film])
  const usable = onShelf(inks).filter(({ forecastable }) => forecastable)
  const offered = usable.filter(({ id }) => uses[id] !== 'out')
  const mustUse = offered.filter(({ id }) => uses[id] === 'must').map(({ id }) => id)
  const ready =
    target !== null &&
    grams !== null &&
    grams > 0 &&
    grams <= MOST_GRAMS &&
    offered.length > 0 &&
    mustUse.length <= Number(most)

  const recipes = useMemo(() => {
    if (found?.kind !== 'match' || !target || !grams || grams <= 0 || grams > MOST_GRAMS) return null
    return found.recipes
      .map((recipe) => scaleRecipe(recipe, target, inks, { grams, stepGrams: Number(stepGrams) }, conditions))
      .sort((a, b) => a.deltaE00 - b.deltaE00)
  }, [found, target, inks, grams, stepGrams, conditions])

  const take = ({ parts, totalGrams }: ScaledRecipe) => {
    change({
      name: target!.name,
      card: undefined,
      basis: 'grams',
      batchGrams: totalGrams,
      target: target!,
      parts: parts.map(({ ink, grams: amount }) => ({ inkId: ink.id, name: ink.name, parts: amount })),
    })
    router.push(`/jobs/${job.slug}/ink/card`)
  }
  return (
    <Panel
      rooms={<InkRooms />}
      title="Ink"
      aside={<KeepLine {...kept} />}
      answer={matchAnswer(target, recipes)}
    >
      <MixStrip mixes={mixes} open={value.id} onPick={pick} />
      <div className="grid gap-8 xl:grid-cols-2">
        <TargetChoice
          target={target}
          onTarget={setTarget}
          cards={cards}
          inks={inks}
          conditions={conditions}
        />
        <section aria-label="How to match" className="grid content-start gap-3 sm:grid-cols-2">
          <div className="sm:col-span-2">
            <p className="mb-0.5 text-sm text-muted">Match at film thickness</p>
            <Choice<FilmKey>
              label="Match at film thickness"
              value={film}
              options={FILM_THICKNESSES.map(
                ({ key, label, micrometres }) => [key, `${label}, ${micrometres} µm`] as const,
              )}
              onPick={setFilm}
            />
          </div>
          <SelectField
            label="Most inks in a recipe"
            value={most}
            options={['1', '2', '3', '4'].map((n) => [n, n])}
            onPick={setMost}
          />
          <NumberField
            label="Most to mix"
            unit="g"
            value={grams}
            onValue={setGrams}
            problem={
              grams === null || (grams > 0 && grams <= MOST_GRAMS)
                ? undefined
                : grams <= 0
                  ? 'must be more than 0'
                  : `must be at most ${MOST_GRAMS} g`
            }
          />
          <SelectField
            label="Scale resolution"
            value={stepGrams}
            options={[
              ['0.01', '0.01 g'],
              ['0.1', '0.1 g'],
              ['1', '1 g'],
              ['5', '5 g'],
            ]}
            onPick={setStep}
          />
          <details className="border-t border-line sm:col-span-2">
            <summary className="min-h-11 py-2">
              Inks: {offered.length} offered{mustUse.length > 0 ? `, ${mustUse.length} to use up` : ''}
            </summary>
            <ul className="grid gap-2 sm:grid-cols-2">
              {usable.map(({ id, name, gramsNow }) => (
                <li key={id}>
                  <SelectField
                    label={`${name}${gramsNow === null ? '' : `, ${formatGrams(gramsNow, 0)} left`}`}
                    value={uses[id] ?? 'may'}
                    options={USES}
                    onPick={(use) => setUses({ ...uses, [id]: use as Use })}
                  />
                </li>
              ))}
            </ul>
          </details>
          {mustUse.length > Number(most) && (
            <p role="alert" className="text-sm font-medium text-signal sm:col-span-2">
              ◆ {mustUse.length} inks to use up do not go into a recipe of {most}.
            </p>
          )}
          <Button
            look="main"
            className="sm:col-span-2"
            disabled={!ready || done !== null}
            onClick={() =>
              search({
                kind: 'match',
                input: {
                  target: target!.lab,
                  targetReflectance: target!.reflectance,
                  inks: offered.map(({ id, k, s }) => ({ name: id, k, s })),
                  maxInks: Number(most),
                  mustUse,
                  ...conditions,
                  paper: [...conditions.paper],
                },
              })
            }
          >
            Find recipes
          </Button>
          {done !== null && (
            <div className="sm:col-span-2">
              <SearchProgress done={done} onCancel={cancel} />
            </div>
          )}
          {failed && (
            <p role="alert" className="text-sm font-medium text-signal sm:col-span-2">
              ◆ The search broke off. Start it again.
            </p>
          )}
        </section>
      </div>
      {recipes && <RecipeList recipes={recipes} target={target!} onTake={take} />}
    </Panel>
  )
}
