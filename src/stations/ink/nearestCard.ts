import type { Lab } from '@/core/colour/convertXyzToLab'
import { deltaE00 } from '@/core/colour/deltaE00'
import { FilmView, type FilmConditions } from '@/core/ink/filmView'
import type { MixSetting } from '@/core/ink/mix'
import type { MixCard } from '@/core/ink/mixCard'
import { mixCoefficients } from '@/core/ink/predictInk'
import type { ShelfInk } from '@/core/ink/shelfInk'

/** Absorption and scattering of a mix from the shelf; null when an ink of it is not there. */
export function mixFilm(
  parts: MixSetting['parts'],
  shelf: readonly ShelfInk[],
): { k: number[]; s: number[] } | null {
  const inks = parts.map(({ inkId }) => shelf.find(({ id }) => id === inkId))
  if (
    parts.length === 0 ||
    inks.some((ink) => !ink) ||
    !(parts.reduce((sum, part) => sum + part.parts, 0) > 0)
  )
    return null
  return mixCoefficients(
    inks as ShelfInk[],
    parts.map((part) => part.parts),
  )
}

/** The card whose newest version comes nearest to a colour; null when no card can be forecast. */
export function nearestCard(
  target: Lab,
  cards: readonly MixCard[],
  shelf: readonly ShelfInk[],
  conditions: FilmConditions,
): { card: MixCard; deltaE00: number } | null {
  const view = new FilmView(conditions)
  const ranked = cards.flatMap((card) => {
    const film = mixFilm(card.versions.at(-1)!.mix.parts, shelf)
    return film ? [{ card, deltaE00: deltaE00(target, view.colour(film.k, film.s)) }] : []
  })
  return ranked.sort((a, b) => a.deltaE00 - b.deltaE00)[0] ?? null
}
