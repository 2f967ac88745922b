'use client'

import { estimateGramsPerPull } from '@/core/ink/inkNeed'
import { FIRST_MIX, type MixSetting, type RunMix } from '@/core/ink/mix'
import { useBench } from '../across/bench/BenchContext'
import { useStation, type Loose } from '../across/bench/useStation'

/** What of a mix makes it another mix than the one on its card. */
const RECIPE: readonly (keyof MixSetting)[] = ['parts', 'modifiers', 'puddleGrams', 'basis', 'name']

/** What a mix that nobody has set yet lays out by itself. */
const LAID_OUT = ['basis', 'puddleGrams', 'batchGrams', 'gramsPerPull', 'roomC', 'plateC'].map(
  (key) => `mixes.0.${key}`,
)

/** The mix of the open job: as the station keeps it, and marked as no longer its card's as soon as the recipe is changed. */
export function useMix() {
  const bench = useBench()
  const { plate } = bench
  const unset: Loose<MixSetting> = {
    name: '',
    basis: 'volume',
    parts: [],
    puddleGrams: 5,
    modifiers: [],
    batchGrams: 40,
    card: undefined,
    target: undefined,
    gramsPerPull: plate ? Number(estimateGramsPerPull(plate.widthMm, plate.heightMm).toFixed(2)) : 1.2,
    roomC: 20,
    plateC: 37,
  }
  // While it is typed a mix may miss any field: the station checks it whole, and what is missing is said at its place.
  const station = useStation('ink', { mixes: [{ id: FIRST_MIX, ...unset } as RunMix] }, LAID_OUT)
  const [mix, ...others] = station.value.mixes as [Loose<RunMix>, ...RunMix[]]
  const change = (patch: Partial<Loose<MixSetting>>) => {
    const { card } = mix
    const leavesCard = card && RECIPE.some((key) => key in patch) && !('card' in patch)
    const next = { ...mix, ...patch, ...(leavesCard ? { card: { ...card, isChanged: true } } : {}) }
    station.change(
      { mixes: [next as RunMix, ...others] },
      'typed',
      Object.keys(patch).map((key) => `mixes.0.${key}`),
    )
  }
  const problems = station.problems.map(({ field, message }) => ({
    field: field.replace(/^mixes\.0\./, ''),
    message,
  }))
  return { ...station, value: mix, change, problems }
}
