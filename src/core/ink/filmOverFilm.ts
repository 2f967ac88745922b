import { describeSpectrum, type Appearance } from '../colour/describeSpectrum'
import { FILM_THICKNESSES } from './filmThickness'
import { FilmView } from './filmView'
import type { Geometry, Surface } from './surface'

interface Film {
  k: readonly number[]
  s: readonly number[]
}

/** One cell of the grid: the upper film at one thickness over the lower at another. */
export interface OverprintCell {
  lower: (typeof FILM_THICKNESSES)[number]['key']
  upper: (typeof FILM_THICKNESSES)[number]['key']
  appearance: Appearance
}

/**
 * A colour over an earlier run: film over film, not a mixture. The lower film on the paper is the ground of the upper one,
 * which passes through one common surface. Three thicknesses of each.
 */
export function gridOverprint(
  upper: Film,
  lower: Film,
  conditions: { paper: readonly number[]; surface: Surface; geometry: Geometry },
): OverprintCell[] {
  return FILM_THICKNESSES.flatMap((under) => {
    const ground = [
      ...new FilmView({ ...conditions, filmMicrometres: under.micrometres }).reflect(lower.k, lower.s),
    ]
    return FILM_THICKNESSES.map((over) => {
      const view = new FilmView({ ...conditions, paper: ground, filmMicrometres: over.micrometres })
      return {
        lower: under.key,
        upper: over.key,
        appearance: describeSpectrum(view.reflect(upper.k, upper.s)),
      }
    })
  })
}
