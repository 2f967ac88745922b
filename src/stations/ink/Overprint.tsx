import { FILM_THICKNESSES } from '@/core/ink/filmThickness'
import { gridOverprint } from '@/core/ink/filmOverFilm'
import type { FilmConditions } from '@/core/ink/filmView'
import { formatNumber } from '@/core/units/length'

interface OverprintProps {
  title: string
  upper: { k: readonly number[]; s: readonly number[] }
  lower: { k: readonly number[]; s: readonly number[]; name: string }
  conditions: FilmConditions
}

/** The mix over an earlier run: nine squares, the lower film's thickness down, the upper's across. */
export function Overprint({ title, upper, lower, conditions }: OverprintProps) {
  const cells = gridOverprint(upper, lower, conditions)
  return (
    <figure className="mt-4">
      <table className="condensed w-full table-fixed border-separate border-spacing-0 text-sm">
        <caption className="pb-1 text-left">
          {title} over {lower.name}: across, how thick it lies; down, how thick {lower.name} lies beneath.
        </caption>
        <thead>
          <tr>
            <th scope="col">
              <span className="sr-only">{lower.name} beneath</span>
            </th>
            {FILM_THICKNESSES.map(({ key, label }) => (
              <th key={key} scope="col" className="text-left font-normal">
                {label}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {FILM_THICKNESSES.map((under) => (
            <tr key={under.key}>
              <th scope="row" className="pr-2 text-left font-normal">
                {under.label}
              </th>
              {FILM_THICKNESSES.map((over) => {
                const { appearance } = cells.find(
                  (cell) => cell.lower === under.key && cell.upper === over.key,
                )!
                const { L, a, b } = appearance.lab
                return (
                  <td key={over.key} className="bg-[#808080] p-1">
                    <span
                      role="img"
                      aria-label={`L* ${formatNumber(L, 0)}, a* ${formatNumber(a, 0)}, b* ${formatNumber(b, 0)}`}
                      className="block h-12"
                      style={{ background: appearance.srgb }}
                    />
                  </td>
                )
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </figure>
  )
}
