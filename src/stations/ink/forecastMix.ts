import { describeSpectrum } from '@/core/colour/describeSpectrum'
import { FILM_THICKNESSES } from '@/core/ink/filmThickness'
import type { MixSetting } from '@/core/ink/mix'
import { predictInk, type InkForecast } from '@/core/ink/predictInk'
import { USUAL_SURFACE } from '@/core/ink/surface'
import type { ShelfInk } from '@/core/ink/shelfInk'

/** A mix forecast at the three film thicknesses, beside the paper's own white. */
export interface MixForecast {
  paperSrgb: string
  films: { key: string; label: string; micrometres: number; forecast: InkForecast }[]
  /** inks of the mix that are no longer on the shelf: nothing is forecast then */
  missing: string[]
}

/** Forecasts a mix over a paper, or null while there is nothing to forecast. */
export function forecastMix(
  parts: MixSetting['parts'],
  shelf: readonly ShelfInk[],
  paper: readonly number[] | null,
): MixForecast | null {
  if (!paper || !(parts.reduce((sum, part) => sum + part.parts, 0) > 0)) return null
  const inks = parts.map(({ inkId }) => shelf.find(({ id }) => id === inkId))
  const missing = parts.filter((_, i) => !inks[i]).map(({ name }) => name)
  const paperSrgb = describeSpectrum(paper).srgb
  if (missing.length > 0) return { paperSrgb, films: [], missing }
  const spectral = inks.map((ink) => ({ name: ink!.name, k: ink!.k, s: ink!.s }))
  return {
    paperSrgb,
    missing,
    films: FILM_THICKNESSES.map(({ key, label, micrometres }) => ({
      key,
      label,
      micrometres,
      forecast: predictInk({
        inks: spectral,
        parts: parts.map((part) => part.parts),
        filmMicrometres: micrometres,
        paper: [...paper],
        surface: USUAL_SURFACE,
        geometry: '45:0',
      }),
    })),
  }
}
