import { WAVELENGTHS_NM } from '../colour/spectrum'
import { RAG_WHITE } from '../paper/ragWhite'
import type { SpectralInk } from './predictInk'

const bump = (floor: number, centre: number, width: number, height: number) =>
  WAVELENGTHS_NM.map((nm) => floor + height * Math.exp(-(((nm - centre) / width) ** 2)))
const flat = (value: number) => WAVELENGTHS_NM.map(() => value)

/** Inks for tests: a white, a clear base, a black, and three colours that absorb where such colours absorb. */
export const WHITE: SpectralInk = { name: 'white', k: flat(0.0004), s: flat(0.34) }
export const BASE: SpectralInk = { name: 'base', k: flat(0.0001), s: flat(0.002) }
export const BLACK: SpectralInk = { name: 'black', k: flat(0.16), s: flat(0.006) }
export const BLUE: SpectralInk = { name: 'blue', k: bump(0.006, 620, 75, 0.17), s: flat(0.006) }
export const RED: SpectralInk = { name: 'red', k: bump(0.004, 520, 60, 0.15), s: flat(0.004) }
export const YELLOW: SpectralInk = { name: 'yellow', k: bump(0.001, 430, 55, 0.11), s: flat(0.016) }
export const OCHRE: SpectralInk = { name: 'ochre', k: bump(0.012, 450, 80, 0.08), s: flat(0.05) }
export const SHELF: readonly SpectralInk[] = [WHITE, BASE, BLACK, BLUE, RED, YELLOW, OCHRE]

/** A film of middling thickness on rag, as a hand instrument reads it. */
export const CONDITIONS = {
  filmMicrometres: 7,
  paper: [...RAG_WHITE],
  surface: { k1: 0.04, k2: 0.6 },
  geometry: '45:0' as const,
}
