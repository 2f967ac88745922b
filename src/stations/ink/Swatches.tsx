import { plural } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'
import type { MixForecast } from './forecastMix'

/** The mix at three thicknesses on a neutral grey, the paper's white beside them. */
export function Swatches({ forecast, paperName }: { forecast: MixForecast | null; paperName: string }) {
  if (!forecast)
    return (
      <p className="border border-line bg-ground p-6 text-muted">
        Add an ink, and its colour is forecast here at three film thicknesses.
      </p>
    )
  if (forecast.missing.length > 0)
    return (
      <p className="border border-line bg-ground p-6">
        No forecast: {forecast.missing.join(', ')} {plural(forecast.missing.length, 'is', 'are')} not on the
        shelf.
      </p>
    )
  return (
    <figure>
      <div className="grid grid-cols-4 bg-[#808080] p-3" role="list" aria-label="Colour forecast">
        {forecast.films.map(({ key, label, micrometres, forecast: film }) => (
          <div key={key} role="listitem">
            <div className="h-28" style={{ background: film.srgb }} data-testid={`swatch-${key}`} />
            <p className="condensed mt-1.5 bg-[#808080] text-sm font-semibold text-black">
              {label}
              <br />
              {formatNumber(micrometres, 1)} µm
            </p>
          </div>
        ))}
        <div role="listitem">
          <div className="h-28" style={{ background: forecast.paperSrgb }} />
          <p className="condensed mt-1.5 text-sm font-semibold text-black">
            Paper
            <br />
            {paperName}
          </p>
        </div>
      </div>
      <table className="condensed mt-2 w-full text-sm">
        <thead className="text-left text-muted">
          <tr>
            <th scope="col" className="font-normal">
              Film
            </th>
            <th scope="col" className="font-normal">
              L* a* b*
            </th>
            <th scope="col" className="font-normal">
              Density
            </th>
            <th scope="col" className="font-normal">
              Opacity
            </th>
          </tr>
        </thead>
        <tbody>
          {forecast.films.map(({ key, label, forecast: { lab, density, contrastRatio } }) => (
            <tr key={key} className="border-t border-line">
              <th scope="row" className="text-left font-normal">
                {label}
              </th>
              <td>{[lab.L, lab.a, lab.b].map((value) => formatNumber(value, 1)).join('  ')}</td>
              <td>{formatNumber(density, 2)}</td>
              <td>{formatNumber(100 * contrastRatio, 0)} %</td>
            </tr>
          ))}
        </tbody>
      </table>
      <figcaption className="mt-1 text-xs text-muted">
        Estimated colour, on an uncalibrated screen. Test with a dab.
      </figcaption>
    </figure>
  )
}
