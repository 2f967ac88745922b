import { deltaE00 } from '../colour/deltaE00'
import { describeSpectrum } from '../colour/describeSpectrum'
import { FILM_THICKNESSES } from './filmThickness'
import { predictInk, type SpectralInk } from './predictInk'
import { USUAL_SURFACE } from './surface'

/** How an ink or a mix looks on the plate's paper, in the few numbers an order of inks is judged by. */
export interface InkLook {
  /** a middling film on the paper, for the screen */
  srgb: string
  /** its lightness, L* 0…100 */
  lightness: number
  /** how well a middling film covers: contrast ratio, 0…1 */
  cover: number
  /** how much a trace shows: colour difference of plate tone from the paper, as a share of a plain one, 0…1 */
  strength: number
}

/** ΔE00 of a plate tone from the paper that is called strong [from memory]. */
const STRONG_TRACE = 25

const [, mid, trace] = FILM_THICKNESSES

/** Forecasts how a mix looks: a middling film, and a trace of it. */
export function inkLook(
  inks: readonly SpectralInk[],
  parts: readonly number[],
  paper: readonly number[],
): InkLook {
  const at = (filmMicrometres: number) =>
    predictInk({
      inks: [...inks],
      parts: [...parts],
      filmMicrometres,
      paper: [...paper],
      surface: USUAL_SURFACE,
      geometry: '45:0',
    })
  const film = at(mid.micrometres)
  return {
    srgb: film.srgb,
    lightness: film.lab.L,
    cover: film.contrastRatio,
    strength: Math.min(1, deltaE00(describeSpectrum(paper).lab, at(trace.micrometres).lab) / STRONG_TRACE),
  }
}
