import { deltaE00 } from '../colour/deltaE00'
import { FILM_THICKNESSES } from './filmThickness'
import { FilmView, type FilmConditions } from './filmView'

/** How an ink's data were come by, and how far k and s may then be off [from memory: film thickness and repeatability of hand-made drawdowns]. */
export const INK_SOURCES = {
  drawdown: { label: 'drawdown over black and white', mayBeOff: 0.06 },
  tint: { label: 'masstone and tint', mayBeOff: 0.12 },
  file: { label: 'spectral file', mayBeOff: 0.08 },
  estimated: { label: 'estimated from one colour', mayBeOff: 0.4 },
} as const
export type InkSource = keyof typeof INK_SOURCES

/**
 * The worst ΔE00 by which a forecast of an ink alone may be off, over the three film thicknesses: k and s moved apart and
 * together by what its source may be off.
 */
export function worstDeltaE(
  { k, s, source }: { k: readonly number[]; s: readonly number[]; source: InkSource },
  conditions: Omit<FilmConditions, 'filmMicrometres'>,
): number {
  const off = INK_SOURCES[source].mayBeOff
  const moved = (values: readonly number[], by: number) => values.map((value) => value * by)
  return Math.max(
    ...FILM_THICKNESSES.flatMap(({ micrometres }) => {
      const view = new FilmView({ ...conditions, filmMicrometres: micrometres })
      const nominal = view.colour(k, s)
      return [1 - off, 1 + off].flatMap((kBy) =>
        [1 - off, 1 + off].map((sBy) => deltaE00(nominal, view.colour(moved(k, kBy), moved(s, sBy)))),
      )
    }),
  )
}
