import { isSameName } from '../units/byName'
import { estimateGramsPerPull } from './inkNeed'
import { inkOf, type InkSetting, type MixSetting, type RunMix } from './mix'
import { addMix, changeMix } from './severalMixes'

/** A mix that nobody set yet, as it is laid out. @param plate its size; null: not known yet @param shareOf the inks it shares the plate with, itself too */
export const laidOutMix = (
  plate: { widthMm: number; heightMm: number } | null,
  shareOf = 1,
): Omit<MixSetting, 'name' | 'parts'> => ({
  basis: 'volume',
  puddleGrams: 5,
  modifiers: [],
  batchGrams: 40,
  card: undefined,
  target: undefined,
  gramsPerPull: plate
    ? Math.max(0.01, Number((estimateGramsPerPull(plate.widthMm, plate.heightMm) / shareOf).toFixed(2)))
    : 1.2,
  roomC: 20,
  plateC: 37,
})

/** An ink as it can be put on a plate: one of the shelf, or a recipe card's newest version. */
export interface PlateRecipe {
  source: 'card' | 'ink'
  id: string
  name: string
  /** what the card says; null: the ink as it is */
  recipe: { mix: MixSetting; version: number } | null
}

/** The mix that an ink of the shelf or a card becomes on a plate. @param laidOut what is not said by it */
export function mixFrom(
  { id, name, recipe }: PlateRecipe,
  laidOut: Omit<MixSetting, 'name' | 'parts'>,
): MixSetting {
  if (!recipe) return { ...laidOut, name, parts: [{ inkId: id, name, parts: 1 }] }
  const { gramsPerPull, batchGrams, roomC, plateC } = laidOut
  return {
    ...recipe.mix,
    name,
    gramsPerPull,
    batchGrams,
    roomC,
    plateC,
    card: { id, version: recipe.version, isChanged: false },
  }
}

/** Whether a mix is made of an ink: on that card, of that one ink, or else of that name. */
function isMadeOf(mix: RunMix, { source, id, name }: Pick<PlateRecipe, 'source' | 'id' | 'name'>): boolean {
  if (source === 'card' && mix.card?.id === id) return true
  if (source === 'ink' && mix.parts.length === 1 && mix.parts[0].inkId === id) return true
  return isSameName(mix, { name })
}

/** The run's mix that an ink of the plate is; null: it is on no slab yet. */
export const mixOfInk = (
  ink: InkSetting | null,
  wanted: Pick<PlateRecipe, 'source' | 'id' | 'name'>,
): RunMix | null => ink?.mixes.find((mix) => isMadeOf(mix, wanted)) ?? null

/** An ink wanted on a plate: what a pull uses up of it, and how much to mix, grams. */
export type WantedInk = PlateRecipe & Pick<MixSetting, 'gramsPerPull' | 'batchGrams'>

/**
 * A run's inks with every ink of its plate among them. Those there are stay as they are, but for an amount that nobody set: it follows the
 * ink's share of the plate. The others come as they are on their card or shelf.
 *
 * @param wanted in the order they go on
 * @param laidOut the rest of a mix that nobody set yet
 * @param isLaidOut whether nobody set the amounts of the mix at a place
 * @returns the inks, and the paths within them that were set
 */
export function inksOnPlate(
  ink: InkSetting | null,
  wanted: readonly WantedInk[],
  laidOut: Omit<MixSetting, 'name' | 'parts'>,
  isLaidOut: (place: number) => boolean,
): { ink: InkSetting | null; paths: string[] } {
  const paths: string[] = []
  const onPlate = wanted.reduce<InkSetting | null>((before, { gramsPerPull, batchGrams, ...recipe }) => {
    const known = mixOfInk(before, recipe)
    const place = before && known ? before.mixes.indexOf(known) : (before?.mixes.length ?? 0)
    if (before && known && !isLaidOut(place)) return before
    if (before && known) {
      paths.push(`mixes.${place}.gramsPerPull`, `mixes.${place}.batchGrams`)
      return changeMix(before, known.id, { gramsPerPull, batchGrams })
    }
    paths.push(`mixes.${place}`)
    const mix = mixFrom(recipe, { ...laidOut, gramsPerPull, batchGrams })
    return before ? addMix(before, mix) : { ...inkOf(mix), ragsGiven: 1 }
  }, ink)
  return { ink: onPlate, paths }
}
