import { formatGrams } from '@/core/units/quantity'
import type { MatchedRecipe } from '@/core/ink/matchInk'
import { convertLabToXyz } from '@/core/colour/convertXyzToLab'
import { convertXyzToSrgb } from '@/core/colour/convertXyzToSrgb'
import { isMetameric } from '@/core/colour/metamerism'
import { deltaE00 } from '@/core/colour/deltaE00'
import { FilmView, type FilmConditions } from '@/core/ink/filmView'
import type { MixTarget } from '@/core/ink/mix'
import { mixCoefficients } from '@/core/ink/predictInk'
import { weighRecipe } from '@/core/ink/weighRecipe'
import { formatNumber } from '@/core/units/length'
import type { StoreInk } from '@/data/shop/inks'
import { Button } from '@/ui/Button'
import { Swatch } from './Swatch'

/** A recipe rounded to the scale, with its colour reckoned again. */
export interface ScaledRecipe {
  parts: { ink: StoreInk; grams: number }[]
  totalGrams: number
  deltaE00: number
  srgb: string
  contrastRatio: number
  /** null where no price is known */
  cost: number | null
  /** in words: what speaks against it */
  flags: string[]
}

/** Rounds a found recipe to what the scale shows and scores it again. */
export function scaleRecipe(
  recipe: MatchedRecipe,
  target: MixTarget,
  inks: readonly StoreInk[],
  amount: { grams: number; stepGrams: number },
  conditions: FilmConditions,
): ScaledRecipe {
  const used = recipe.parts.map(({ name: inkId }) => inks.find(({ id }) => id === inkId)!)
  const weighed = weighRecipe(
    recipe.parts.map(({ fraction }) => fraction),
    amount.grams,
    amount.stepGrams,
  )
  const { k, s } = mixCoefficients(used, weighed.shares)
  const lab = new FilmView(conditions).colour(k, s)
  const parts = used.map((ink, i) => ({ ink, grams: weighed.grams[i] }))
  const short = parts
    .filter(({ ink, grams }) => ink.gramsNow !== null && ink.gramsNow < grams)
    .map(({ ink }) => `only ${formatGrams(ink.gramsNow!, 0)} of ${ink.name} left`)
  const costs = parts.map(({ ink, grams }) =>
    ink.pricePerKg === null ? null : (ink.pricePerKg * grams) / 1000,
  )
  return {
    parts,
    totalGrams: weighed.totalGrams,
    deltaE00: deltaE00(target.lab, lab),
    srgb: convertXyzToSrgb(convertLabToXyz(lab)),
    contrastRatio: recipe.contrastRatio,
    cost: costs.includes(null) ? null : costs.reduce<number>((sum, cost) => sum + cost!, 0),
    flags: [
      ...(recipe.metamerism && isMetameric(recipe.metamerism)
        ? [
            `parts in other light: ΔE ${formatNumber(recipe.metamerism.d65, 1)} by day, ${formatNumber(recipe.metamerism.a, 1)} by lamp`,
          ]
        : []),
      ...short,
    ],
  }
}

/** Recipes, nearest first, as they would be weighed. */
export function RecipeList({
  recipes,
  target,
  onTake,
}: {
  recipes: readonly ScaledRecipe[]
  target: MixTarget
  onTake: (recipe: ScaledRecipe) => void
}) {
  const targetSrgb = convertXyzToSrgb(convertLabToXyz(target.lab))
  return (
    <section aria-label="Recipes">
      <h2 className="station-title mt-4">Recipes</h2>
      <ol className="mt-2">
        {recipes.map((recipe, i) => (
          <li key={i} className="flex flex-wrap items-center gap-x-5 gap-y-1 border-b border-line py-2">
            <Swatch colours={[targetSrgb, recipe.srgb]} label={`Target beside recipe ${i + 1}`} />
            <span className="w-20">
              <span className="far-number text-xl">{recipe.deltaE00.toFixed(2)}</span>{' '}
              <span className="condensed block text-sm text-muted">ΔE00, weighed</span>
            </span>
            <span className="min-w-48 flex-1">
              {recipe.parts.map(({ ink, grams }) => `${ink.name} ${formatGrams(grams, 2)}`).join(', ')}
              <span className="condensed block text-sm text-muted">
                covers {formatNumber(100 * recipe.contrastRatio, 0)} %
                {recipe.cost === null ? '' : `, ink for ${formatNumber(recipe.cost, 2)}`}
              </span>
              {recipe.flags.map((flag) => (
                <span key={flag} className="condensed block text-sm font-semibold">
                  ◇ {flag}
                </span>
              ))}
            </span>
            <Button onClick={() => onTake(recipe)} aria-label={`Take recipe ${i + 1}`}>
              Take it
            </Button>
          </li>
        ))}
      </ol>
      <p className="mt-1 text-xs text-muted">
        A forecast (Kubelka–Munk, film over paper) scored again after rounding to the scale; swatches on an
        uncalibrated screen.
      </p>
    </section>
  )
}
