'use client'

import { originAt } from '@/core/document/origins'
import { estimateGramsPerPull } from '@/core/ink/inkNeed'
import { MOST_MIXES, type InkSetting, type RunMix } from '@/core/ink/mix'
import { inksOnPlate, laidOutMix, mixOfInk, type PlateRecipe } from '@/core/ink/plateInks'
import type { KeptZoneMap } from '@/core/plate/zoneMap'
import { inkingFrom, type PlateInk, type Poupee } from '@/core/wipe/poupee'
import type { WipingOrder } from '@/core/wipe/wipingOrder'
import { WIPING_SCHOOLS } from '@/core/wipe/wipingSchools'
import { useBench } from '../across/bench/BenchContext'
import { useNeed } from '../across/bench/useNeed'
import { useStation, type Loose } from '../across/bench/useStation'
import type { LookedInk } from './inkLooks'

const UNSET: Loose<WipingOrder> = {
  steps: structuredClone(WIPING_SCHOOLS['small-rags'].order.steps),
  plateTone: 'light',
  inking: [],
  zoneMapVersion: null,
}
const areSame = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other)
/** Before an ink is on the slab. */
const NO_INK: Loose<InkSetting> = { mixes: [] }

/** A zone map's inks in an order: which are on the slab, what a pull uses up of each, and taking the order over with those that are not. */
export function useInkOrder(
  plate: { widthMm: number; heightMm: number },
  kept: KeptZoneMap,
  shelf: readonly LookedInk[],
  gathered: Poupee,
  order: readonly number[],
) {
  const { origins } = useBench()
  const { pulls } = useNeed()
  const { value, change, ...keeping } = useStation('wipe', UNSET)
  const slab = useStation('ink', NO_INK, [])
  const { inks } = gathered
  const onSlab = slab.value.mixes && slab.value.mixes.length > 0 ? (slab.value as InkSetting) : null
  const recipeOf = ({ key, name }: PlateInk): PlateRecipe => {
    const at = key.indexOf(':')
    const [source, id] = [key.slice(0, at) as PlateRecipe['source'], key.slice(at + 1)]
    const known = shelf.find((one) => one.source === source && one.id === id)
    return { source, id, name, recipe: known?.recipe ?? null }
  }
  // On a plate of one ink the one mix there is goes on, whatever it is mixed from.
  const isOnlyOne = inks.length === 1 && onSlab?.mixes.length === 1
  const mixOf = (ink: PlateInk): RunMix | null =>
    isOnlyOne ? onSlab.mixes[0] : mixOfInk(onSlab, recipeOf(ink))
  /** Nobody set how much of a mix a pull uses up. */
  const isLaidOut = (place: number) =>
    originAt(origins ?? {}, `ink.mixes.${place}.gramsPerPull`) === 'default'
  /** What a pull uses up of an ink: as somebody set it, or else by its share of the plate. */
  const gramsOf = (ink: PlateInk): number => {
    const mix = mixOf(ink)
    if (mix && !isLaidOut(onSlab!.mixes.indexOf(mix))) return mix.gramsPerPull
    const share = (100 * ink.areaCm2) / (plate.widthMm * plate.heightMm)
    return Math.max(0.01, Number((share * estimateGramsPerPull(plate.widthMm, plate.heightMm)).toFixed(2)))
  }
  const missing = inks.filter((ink) => !mixOf(ink)).length
  const isTaken =
    missing === 0 &&
    (value.inking ?? []).map(({ mixId }) => mixId).join() === order.map((i) => mixOf(inks[i])?.id).join() &&
    value.zoneMapVersion === kept.version
  const take = () => {
    const wanted = order.map((i) => {
      const gramsPerPull = gramsOf(inks[i])
      const batchGrams = Math.max(1, Math.ceil(gramsPerPull * Math.max(1, pulls)))
      return { ...recipeOf(inks[i]), gramsPerPull, batchGrams }
    })
    const found = isOnlyOne
      ? { ink: onSlab, paths: [] }
      : inksOnPlate(onSlab, wanted, laidOutMix(plate), isLaidOut)
    const onPlate = found.ink && found.ink.mixes.length <= MOST_MIXES ? found.ink : onSlab
    if (onPlate && onPlate !== onSlab) slab.change(onPlate, 'carried', found.paths)
    // A method as it comes gives way to the one for so many inks; steps somebody made their own stay.
    const isOwn =
      value.steps &&
      value.steps.length > 0 &&
      (inks.length === 1 ||
        !Object.values(WIPING_SCHOOLS).some(({ order: usual }) => areSame(usual.steps, value.steps)))
    const school = inks.length > 1 ? 'colour-by-colour' : 'small-rags'
    change({
      inking: inkingFrom(
        order,
        gathered,
        (ink) => (isOnlyOne ? onSlab.mixes[0] : mixOfInk(onPlate, recipeOf(ink)))?.id ?? null,
      ),
      zoneMapVersion: kept.version,
      steps: isOwn ? value.steps : structuredClone(WIPING_SCHOOLS[school].order.steps),
    })
  }
  return { keeping, mixOf, gramsOf, missing, isTaken, take }
}
