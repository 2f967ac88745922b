import { describeSpectrum } from '../colour/describeSpectrum'
import type { ToneSpot } from '../plate/zoneMap'
import type { PlateTone } from '../plate/plateTone'
import { FILM_THICKNESSES } from './filmThickness'
import { predictInk, type SpectralInk } from './predictInk'
import { USUAL_SURFACE } from './surface'

/** Film left on the surface by how a zone is wiped, µm [from memory; only its order matters here]. */
export const WIPED_TO: Record<PlateTone, number> = { bright: 0.15, light: 0.8, medium: 1.8, heavy: 3.5 }

/**
 * Visual density a spot should have: the dark spot carries what a deep line does, the middle one a middling film, the bright
 * one what the wiping leaves on the surface. A model, for the simulated densitometer.
 */
export function spotDensity(
  spot: ToneSpot,
  tone: PlateTone,
  inks: readonly SpectralInk[],
  parts: readonly number[],
  paper: readonly number[],
): number {
  const films = {
    tone1: FILM_THICKNESSES[0].micrometres,
    tone2: WIPED_TO[tone],
    tone3: FILM_THICKNESSES[1].micrometres,
  }
  const film = films[spot]
  return predictInk({
    inks: [...inks],
    parts: [...parts],
    filmMicrometres: film,
    paper: [...paper],
    surface: USUAL_SURFACE,
    geometry: '45:0',
  }).density
}

/** Visual density of the paper itself. */
export const paperDensity = (paper: readonly number[]): number => describeSpectrum(paper).density
