import { formatCelsius, formatGrams } from '@/core/units/quantity'
import { plural } from '@/core/units/counted'
import { MODIFIERS, recipeGrams, type MixSetting } from '@/core/ink/mix'
import { formatNumber } from '@/core/units/length'
import type { Loose } from '../across/bench/useStation'

/** The card that makes the mix again: grams of each ink for the batch, and what goes into a puddle. */
export function RecipeCard({
  mix,
  title,
  covers,
}: {
  mix: Loose<MixSetting>
  title: string
  covers: number
}) {
  if (!mix.parts?.length || !mix.batchGrams) return null
  return (
    <section aria-label="Recipe card" className="mt-5 border-t-2 border-text pt-2">
      <div className="flex items-baseline justify-between">
        <h2 className="station-title">{mix.name || 'Mix'}</h2>
        <p className="text-sm text-muted">{title}</p>
      </div>
      <table className="w-full">
        <tbody>
          {recipeGrams({ parts: mix.parts, batchGrams: mix.batchGrams }).map(({ name, grams }) => (
            <tr key={name} className="border-b border-line">
              <th scope="row" className="py-1 text-left font-normal">
                {name}
              </th>
              <td className="text-right text-lg font-semibold">{formatGrams(grams, 1)}</td>
            </tr>
          ))}
          {(mix.modifiers ?? []).map(({ modifier, amount }) => (
            <tr key={modifier} className="border-b border-line">
              <th scope="row" className="py-1 text-left font-normal">
                {MODIFIERS[modifier].label}
              </th>
              <td className="text-right font-semibold">
                {formatNumber(amount, 2)}{' '}
                {MODIFIERS[modifier].unit === 'grams' ? 'g' : plural(amount, 'drop', 'drops')} a{' '}
                {formatGrams(mix.puddleGrams ?? 0, 1)} puddle
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-sm text-muted">
        {formatGrams(mix.batchGrams, 0)} covers about {covers} pulls. Plate at{' '}
        {formatCelsius(mix.plateC ?? 0, 0)}, room {formatCelsius(mix.roomC ?? 0, 0)}.
      </p>
    </section>
  )
}
