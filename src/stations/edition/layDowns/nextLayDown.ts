import { onShelf, type ShelvedThing } from '@/core/units/onShelf'
import { describeSpectrum } from '@/core/colour/describeSpectrum'
import { filmsAt, ghostInks, LAID_FILMS, placesOf, type LaidFilmKey } from '@/core/edition/laidPlaces'
import type { LaidInk, LayDown } from '@/core/edition/layDown'
import { layFilms, type LaidFilm } from '@/core/ink/layFilms'
import type { MixSetting, RunMix } from '@/core/ink/mix'
import type { ShelfInk } from '@/core/ink/shelfInk'
import { inkConditions } from '../../ink/inkConditions'
import { mixFilm } from '../../ink/nearestCard'
import { whiteOf } from '../../ink/whiteOf'

/** White stirred in step by step, as its share of the whole. */
export const WHITE_STEPS = [
  [0, 'no white'],
  [0.1, '1 in 10'],
  [0.25, '1 in 4'],
  [0.5, 'half'],
] as const

/** An ink of the next lay-down as it is being put together. */
export interface InkRow {
  /** `mix <id>` of the bench or `ink <id>` of the shelf; empty: not chosen yet */
  source: string
  white: number
  film: LaidFilmKey
  place: LaidInk['place']
  area: string
}

/** The next lay-down as it is being put together. */
export interface NextLayDown {
  way: LayDown['way']
  tool: LayDown['tool']
  rows: InkRow[]
  marks: string
}

export const FRESH_ROW: InkRow = { source: '', white: 0, film: 'usual', place: 'all', area: '' }
export const FRESH: NextLayDown = { way: 'slab', tool: 'rolled', rows: [FRESH_ROW], marks: '' }

type Recipe = { name: string; parts: MixSetting['parts'] }

/** What can be laid: the mixes of the bench, and every ink of the shelf by itself. */
export const inkChoices = (
  mixes: readonly Pick<RunMix, 'id' | 'name'>[],
  inks: readonly (Pick<ShelfInk, 'id' | 'name'> & ShelvedThing)[],
): [key: string, words: string][] => [
  ['', 'choose…'],
  ...mixes.map(({ id, name }): [string, string] => [`mix ${id}`, `${name}, as mixed`]),
  ...onShelf(inks).map(({ id, name }): [string, string] => [`ink ${id}`, name]),
]

/** What a source is mixed of; null: nothing is chosen, or it is no longer there. */
export function recipeFrom(
  source: string,
  mixes: readonly Pick<RunMix, 'id' | 'name' | 'parts'>[],
  inks: readonly Pick<ShelfInk, 'id' | 'name'>[],
): Recipe | null {
  const mix = mixes.find(({ id }) => source === `mix ${id}`)
  if (mix) return { name: mix.name, parts: mix.parts }
  const ink = inks.find(({ id }) => source === `ink ${id}`)
  return ink ? { name: ink.name, parts: [{ inkId: ink.id, name: ink.name, parts: 1 }] } : null
}

/** A recipe with a share of white stirred in. */
export function withWhite(
  { name, parts }: Recipe,
  white: Pick<ShelfInk, 'id' | 'name'> | null,
  share: number,
): Recipe {
  if (!white || share === 0) return { name, parts }
  const total = parts.reduce((sum, part) => sum + part.parts, 0)
  const rest = parts.map((part) => ({ ...part, parts: (part.parts / total) * (1 - share) }))
  return {
    name: `${name} with ${Math.round(100 * share)} % white`,
    parts: [...rest, { inkId: white.id, name: white.name, parts: share }],
  }
}

/** Everything the next lay-down is made from. */
export interface LayDownBench {
  mixes: readonly Pick<RunMix, 'id' | 'name' | 'parts'>[]
  inks: readonly ShelfInk[]
  /** reflectance of the sheet */
  paper: readonly number[] | undefined
  /** what lay on the slab last, for a ghost of it; null: nothing did */
  onSlab: readonly LaidInk[] | null
  /** what a ghost is expected to keep */
  ghostShare: number
}

/** The inks of the next lay-down; null: one is not chosen, a place is not named, or there is nothing to take a ghost of. */
export function inksOf({ way, rows }: NextLayDown, bench: LayDownBench): LaidInk[] | null {
  if (way === 'ghost') return bench.onSlab && ghostInks(bench.onSlab, bench.ghostShare)
  const white = whiteOf(bench.inks)
  const inks = rows.map(({ source, white: share, film, place, area }) => {
    const recipe = recipeFrom(source, bench.mixes, bench.inks)
    if (!recipe || (place !== 'all' && !area.trim())) return null
    return {
      ...withWhite(recipe, white, share),
      micrometres: LAID_FILMS[film],
      place,
      area: place === 'all' ? '' : area.trim(),
    }
  })
  return inks.some((ink) => ink === null) ? null : (inks as LaidInk[])
}

/** How a place of the print looks, on the screen; null where an ink is no longer on the shelf. */
export function lookAt(
  layDowns: readonly Pick<LayDown, 'inks'>[],
  at: string | null,
  { inks, paper }: Pick<LayDownBench, 'inks' | 'paper'>,
): string | null {
  const films = filmsAt(layDowns, at).map(({ parts, micrometres }): LaidFilm | null => {
    const film = mixFilm(parts, inks)
    return film && { ...film, micrometres }
  })
  if (films.some((film) => film === null)) return null
  return describeSpectrum(layFilms(films as LaidFilm[], inkConditions(paper, 'mid'))).srgb
}

/** A place of the print before the next lay-down and after it. */
export interface PlaceLook {
  /** null: all the rest */
  at: string | null
  before: string | null
  after: string | null
}

/** What the next lay-down does to each place of the print. */
export function looks(
  layDowns: readonly Pick<LayDown, 'inks'>[],
  next: readonly LaidInk[],
  bench: Pick<LayDownBench, 'inks' | 'paper'>,
): PlaceLook[] {
  const all = [...layDowns, { inks: [...next] }]
  return placesOf(all).map((at) => ({
    at,
    before: lookAt(layDowns, at, bench),
    after: lookAt(all, at, bench),
  }))
}
