import { FilmView } from './filmView'
import type { Geometry, Surface } from './surface'

/** A film as it lies: absorption and scattering per micrometre, and how thick. */
export interface LaidFilm {
  k: readonly number[]
  s: readonly number[]
  micrometres: number
}

/**
 * Films one over the other, the lowest first: each has what lies beneath it as its ground (two-constant Kubelka–Munk). Films of one
 * ink add up: two of 3 and 4 µm look as one of 7.
 *
 * @returns reflectance of the whole, 36 values; of no film, the ground's
 */
export function layFilms(
  films: readonly LaidFilm[],
  conditions: { paper: readonly number[]; surface: Surface; geometry: Geometry },
): number[] {
  return films.reduce<number[]>(
    (ground, { k, s, micrometres }) => [
      ...new FilmView({ ...conditions, paper: ground, filmMicrometres: micrometres }).reflect(k, s),
    ],
    [...conditions.paper],
  )
}
