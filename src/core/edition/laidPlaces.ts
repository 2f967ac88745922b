import type { LaidInk, LayDown } from './layDown'

/** How thick the ink lies, micrometres of dry film [from memory]. */
export const LAID_FILMS = { thin: 2, usual: 5, full: 10 } as const
export type LaidFilmKey = keyof typeof LAID_FILMS

/** Places of a print that are not all laid with the same, in the order they were named; `null` is all the rest. */
export const placesOf = (layDowns: readonly Pick<LayDown, 'inks'>[]): (string | null)[] => [
  null,
  ...new Set(layDowns.flatMap(({ inks }) => inks.flatMap(({ area }) => area || []))),
]

/** Whether an ink lies at a place. @param at one of `placesOf` */
export const liesAt = ({ place, area }: Pick<LaidInk, 'place' | 'area'>, at: string | null): boolean =>
  place === 'all' || (place === 'within') === (area === at)

/** The films at a place, the lowest first. */
export const filmsAt = (layDowns: readonly Pick<LayDown, 'inks'>[], at: string | null): LaidInk[] =>
  layDowns.flatMap(({ inks }) => inks.filter((ink) => liesAt(ink, at)))

/** Whether a ghost is of just these inks, at the same places: another lay-down may have come onto the slab since. */
export const isGhostOf = (ghost: readonly LaidInk[], first: readonly LaidInk[]): boolean =>
  JSON.stringify(ghostInks(ghost, 0)) === JSON.stringify(ghostInks(first, 0))

/** The inks of a ghost: the first's, each as thin as its share leaves it. */
export const ghostInks = (first: readonly LaidInk[], share: number): LaidInk[] =>
  first.map((ink) => ({ ...ink, micrometres: Number((ink.micrometres * share).toFixed(3)) }))
