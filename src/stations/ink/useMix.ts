'use client'

import { estimateGramsPerPull } from '@/core/ink/inkNeed'
import type { MixSetting } from '@/core/ink/mix'
import { useBench } from '../bench/BenchContext'
import { useStation, type Loose } from '../bench/useStation'

/** What of a mix makes it another mix than the one on its card. */
const RECIPE: readonly (keyof MixSetting)[] = ['parts', 'modifiers', 'puddleGrams', 'basis', 'name']

/** The mix of the open job: as the station keeps it, and marked as no longer its card's as soon as the recipe is changed. */
export function useMix() {
  const { bench } = useBench()
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
  const station = useStation('ink', unset)
  const change: typeof station.change = (patch) => {
    const { card } = station.value
    station.change(
      card && RECIPE.some((key) => key in patch) && !('card' in patch)
        ? { ...patch, card: { ...card, isChanged: true } }
        : patch,
    )
  }
  return { ...station, change }
}
