'use client'

import dynamic from 'next/dynamic'
import { MOST_MIXES, type RunMix } from '@/core/ink/mix'
import type { MixCard } from '@/core/ink/mixCard'
import { mixOfInk, type PlateRecipe } from '@/core/ink/plateInks'
import type { StoreInk } from '@/data/shop/inks'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { plateRecipes } from './plateRecipes'

/** Only who has a tube of their own needs it. */
const NewInkDialog = dynamic(
  () => import('../shop/store/NewInkDialog').then(({ NewInkDialog: dialog }) => dialog),
  { ssr: false, loading: () => <span className="block min-h-11 w-58" /> },
)

/** What else is on the plate: another ink from a card or the shelf, this one off it, or this one put together anew. */
export function MoreInks({
  inks,
  cards,
  mixes,
  name,
  isBegun,
  onAdd,
  onOwn,
  onTakeOff,
  onNew,
}: {
  inks: readonly StoreInk[]
  cards: readonly MixCard[]
  mixes: readonly RunMix[]
  /** of the mix that is open */
  name: string
  /** it has an ink in it */
  isBegun: boolean
  onAdd: (recipe: PlateRecipe) => void
  /** an ink that was not on the shelf was put there */
  onOwn: (ink: Pick<StoreInk, 'id' | 'name'>) => void
  onTakeOff: () => void
  onNew: () => void
}) {
  const offered = plateRecipes(inks, cards).filter((recipe) => !mixOfInk({ mixes: [...mixes] }, recipe))
  const keyOf = ({ source, id }: PlateRecipe) => `${source}:${id}`
  const ownInk = <NewInkDialog onAdded={onOwn} />
  if (!isBegun) return ownInk
  return (
    <div className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-1">
      {mixes.length < MOST_MIXES && (
        <SelectField
          label="Another ink on this plate"
          value=""
          className="w-72"
          options={[
            ['', 'Cards, then the shelf'],
            ...offered.map(
              (recipe) => [keyOf(recipe), `${recipe.name}${recipe.recipe ? ', card' : ''}`] as const,
            ),
          ]}
          onPick={(key) => {
            const recipe = offered.find((one) => keyOf(one) === key)
            if (recipe) onAdd(recipe)
          }}
        />
      )}
      {ownInk}
      <Button look="quiet" onClick={onNew}>
        Start a new mix
      </Button>
      {mixes.length > 1 && (
        <Button look="quiet" onClick={onTakeOff}>
          Take {name || 'it'} off the plate
        </Button>
      )}
    </div>
  )
}
