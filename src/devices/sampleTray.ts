import { WAVELENGTHS_NM } from '@/core/colour/spectrum'
import { reflectMasstone } from '@/core/ink/kubelkaMunk'
import { predictInk, type SpectralInk } from '@/core/ink/predictInk'
import { leaveSurface, USUAL_SURFACE } from '@/core/ink/surface'
import { RAG_WHITE } from '@/core/paper/ragWhite'

/** Something that can be laid under the simulated instrument. */
export interface TraySample {
  key: string
  name: string
  reflectance: readonly number[]
}

const flat = (value: number) => WAVELENGTHS_NM.map(() => value)
const bump = (floor: number, centre: number, width: number, height: number) =>
  WAVELENGTHS_NM.map((nm) => floor + height * Math.exp(-(((nm - centre) / width) ** 2)))

/** An ink nobody has entered yet: what its drawdowns would read. */
const EELGRASS: SpectralInk = {
  name: 'Eelgrass',
  k: bump(0.012, 440, 60, 0.08).map(
    (value, i) => value + 0.06 * Math.exp(-(((WAVELENGTHS_NM[i] - 680) / 50) ** 2)),
  ),
  s: flat(0.018),
}
const TRAY_WHITE: SpectralInk = { name: 'white', k: flat(0.0004), s: flat(0.34) }
/** Film of the drawdowns in the tray, micrometres. */
export const TRAY_FILM = 12
const WHITE_CARD = flat(0.86)
const BLACK_CARD = flat(0.045)

const over = (paper: readonly number[]) =>
  predictInk({
    inks: [EELGRASS],
    parts: [1],
    filmMicrometres: TRAY_FILM,
    paper: [...paper],
    surface: USUAL_SURFACE,
    geometry: '45:0',
  }).reflectance
const layer = (share: number) =>
  EELGRASS.k.map((k, i) =>
    leaveSurface(
      reflectMasstone(
        share * k + (1 - share) * TRAY_WHITE.k[i],
        share * EELGRASS.s[i] + (1 - share) * TRAY_WHITE.s[i],
      ),
      USUAL_SURFACE,
      '45:0',
    ),
  )
/** A patch of flat colour made the way a painter would: absorption bands over paper, no ink of the shelf in it. */
const patch = (k: readonly number[], film: number) =>
  predictInk({
    inks: [{ name: 'patch', k: [...k], s: flat(0.012) }],
    parts: [1],
    filmMicrometres: film,
    paper: [...RAG_WHITE],
    surface: USUAL_SURFACE,
    geometry: '45:0',
  }).reflectance

/** What lies in the tray of the simulated bench: grounds, drawdowns of an unknown ink, and patches somebody wants to match. */
export const SAMPLE_TRAY: readonly TraySample[] = [
  { key: 'slack-water', name: 'Patch “Slack water”', reflectance: patch(bump(0.02, 610, 90, 0.09), 7) },
  {
    key: 'rust-on-the-quay',
    name: 'Patch “Rust on the quay”',
    reflectance: patch(bump(0.02, 470, 70, 0.1), 7),
  },
  { key: 'wet-slate', name: 'Patch “Wet slate”', reflectance: patch(bump(0.06, 560, 120, 0.02), 7) },
  { key: 'white-card', name: 'White card', reflectance: WHITE_CARD },
  { key: 'black-card', name: 'Black card', reflectance: BLACK_CARD },
  { key: 'eelgrass-over-white', name: `Eelgrass over white, ${TRAY_FILM} µm`, reflectance: over(WHITE_CARD) },
  { key: 'eelgrass-over-black', name: `Eelgrass over black, ${TRAY_FILM} µm`, reflectance: over(BLACK_CARD) },
  { key: 'eelgrass-masstone', name: 'Eelgrass, thick layer', reflectance: layer(1) },
  { key: 'eelgrass-tint', name: 'Eelgrass 1 in 10 of white, thick layer', reflectance: layer(0.1) },
]
