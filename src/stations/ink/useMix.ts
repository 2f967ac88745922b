'use client'

import { FIRST_MIX, type InkSetting, type MixSetting, type RunMix } from '@/core/ink/mix'
import { addMix, changeMix, mixOfId, withoutMix } from '@/core/ink/severalMixes'
import { laidOutMix, mixFrom, type PlateRecipe } from '@/core/ink/plateInks'
import { useBench, useJob } from '../across/bench/BenchContext'
import { useNeed } from '../across/bench/useNeed'
import { useStation, type Loose } from '../across/bench/useStation'
import { openMix, useOpenMix } from './openMix'

/** What of a mix makes it another mix than the one on its card. */
const RECIPE: readonly (keyof MixSetting)[] = ['parts', 'modifiers', 'puddleGrams', 'basis', 'name']

/** What a mix that nobody set yet lays out by itself. */
const LAID_OUT = ['basis', 'puddleGrams', 'batchGrams', 'gramsPerPull', 'roomC', 'plateC'].map(
  (key) => `mixes.0.${key}`,
)

/**
 * The mix of the open job, or of its several the one that is open: as the station keeps it, and marked as no longer its card's as soon as
 * the recipe is changed.
 */
export function useMix() {
  const { plate } = useBench()
  const { id: jobId } = useJob()
  const { pulls } = useNeed()
  const open = useOpenMix(jobId)
  // While it is typed a mix may miss any field: the station checks it whole, and what is missing is said at its place.
  const unset = { id: FIRST_MIX, rag: 1, name: '', parts: [], ...laidOutMix(plate) } as RunMix
  const station = useStation('ink', { mixes: [unset] }, LAID_OUT)
  const ink = station.value as InkSetting
  const mix = mixOfId(ink, open) as Loose<RunMix> & Pick<RunMix, 'id' | 'rag'>
  const at = ink.mixes.findIndex(({ id }) => id === mix.id)
  const change = (patch: Partial<Loose<MixSetting>>) => {
    const { card } = mix
    const leavesCard = card && RECIPE.some((key) => key in patch) && !('card' in patch)
    const next = { ...patch, ...(leavesCard ? { card: { ...card, isChanged: true } } : {}) }
    station.change(
      changeMix(ink, mix.id, next as Partial<MixSetting>),
      'typed',
      Object.keys(patch).map((key) => `mixes.${at}.${key}`),
    )
  }
  /** Puts another ink of the shelf or a card on the plate, and opens it. */
  const add = (recipe: PlateRecipe) => {
    const laidOut = laidOutMix(plate, ink.mixes.length + 1)
    const batchGrams = pulls === 0 ? laidOut.batchGrams : Math.max(1, Math.ceil(laidOut.gramsPerPull * pulls))
    const next = addMix(ink, mixFrom(recipe, { ...laidOut, batchGrams }))
    station.change(next, 'typed', [`mixes.${ink.mixes.length}`])
    openMix(jobId, next.mixes.at(-1)!.id)
  }
  /** Takes the open mix off the plate. */
  const takeOff = () => {
    const next = withoutMix(ink, mix.id)
    station.change(next, 'typed', ['mixes'])
    openMix(jobId, next.mixes[Math.min(at, next.mixes.length - 1)].id)
  }
  const prefix = `mixes.${at}.`
  const problems = station.problems
    .filter(({ field }) => field.startsWith(prefix) || !field.startsWith('mixes.'))
    .map(({ field, message }) => ({
      field: field.startsWith(prefix) ? field.slice(prefix.length) : field,
      message,
    }))
  return {
    ...station,
    value: mix,
    change,
    problems,
    mixes: ink.mixes,
    add,
    takeOff,
    pick: (id: string) => openMix(jobId, id),
  }
}
