'use client'

import { SPECTRUM_START_NM, SPECTRUM_STEP_NM } from '@/core/colour/spectrum'
import { convertLabToXyz } from '@/core/colour/convertXyzToLab'
import { convertXyzToSrgb } from '@/core/colour/convertXyzToSrgb'
import { FILM_THICKNESSES } from '@/core/ink/filmThickness'
import { FilmView } from '@/core/ink/filmView'
import { INK_SOURCES, worstDeltaE, type InkSource } from '@/core/ink/inkTrust'
import { formatNumber } from '@/core/units/length'
import { inkConditions } from '../../ink/inkConditions'
import { Swatch } from '../../ink/Swatch'
import { SpectrumChart } from '@/ui/SpectrumChart'

/** What an ink looks like at three films, its k and s, and how far its data can be trusted. */
export function InkPreview({
  ink,
}: {
  ink: { name: string; k: readonly number[]; s: readonly number[]; source: InkSource; forecastable: boolean }
}) {
  if (!ink.forecastable)
    return (
      <p className="border border-line bg-ground p-4">
        Metallic or interference: its colour comes of its angle, and no film model foretells it. It is left
        out of matches.
      </p>
    )
  const films = FILM_THICKNESSES.map(({ key, label, micrometres }) => ({
    label,
    micrometres,
    lab: new FilmView(inkConditions(undefined, key)).colour(ink.k, ink.s),
  }))
  const trust = worstDeltaE(ink, inkConditions(undefined, 'mid'))
  return (
    <section aria-label={`What ${ink.name || 'the ink'} looks like`}>
      <Swatch
        colours={films.map(({ lab }) => convertXyzToSrgb(convertLabToXyz(lab)))}
        label={films.map(({ label, lab }) => `${label} L* ${formatNumber(lab.L, 0)}`).join(', ')}
        className="h-20 w-full"
      />
      <p className="condensed text-sm text-muted">
        {films.map(({ label, micrometres }) => `${label} ${micrometres} µm`).join(', ')}, over ordinary rag,
        on an uncalibrated screen.
      </p>
      <p className="mt-2">
        How it is known: <b>{INK_SOURCES[ink.source].label}</b>: a forecast of it may be off by up to{' '}
        <b>ΔE {formatNumber(trust, 1)}</b>
        {trust > 5 ? ': draw it down before you trust it' : ''}.
      </p>
      <SpectrumChart
        title="Absorption and scattering, per µm"
        startNm={SPECTRUM_START_NM}
        stepNm={SPECTRUM_STEP_NM}
        series={[
          { name: 'absorbs (K)', values: ink.k },
          { name: 'scatters (S)', values: ink.s },
        ]}
      />
    </section>
  )
}
