import { FILM_THICKNESSES } from '@/core/ink/filmThickness'
import type { FilmConditions } from '@/core/ink/filmView'
import { USUAL_SURFACE } from '@/core/ink/surface'
import { RAG_WHITE } from '@/core/paper/ragWhite'

export type FilmKey = (typeof FILM_THICKNESSES)[number]['key']

/** Where this bench looks at ink: over a paper, at one of the three thicknesses, read by a hand instrument. */
export function inkConditions(paper: readonly number[] | undefined, film: FilmKey): FilmConditions {
  return {
    filmMicrometres: FILM_THICKNESSES.find(({ key }) => key === film)!.micrometres,
    paper: paper ?? RAG_WHITE,
    surface: USUAL_SURFACE,
    geometry: '45:0',
  }
}
