import { onShelf, type ShelvedThing } from '@/core/units/onShelf'
import type { MixCard } from '@/core/ink/mixCard'
import type { PlateRecipe } from '@/core/ink/plateInks'
import type { ShelfInk } from '@/core/ink/shelfInk'

/** What can be put on a plate: the newest version of every card, then every ink on the shelf. */
export const plateRecipes = (
  inks: readonly (Pick<ShelfInk, 'id' | 'name'> & ShelvedThing)[],
  cards: readonly Pick<MixCard, 'id' | 'name' | 'versions'>[],
): PlateRecipe[] => [
  ...cards.map(({ id, name, versions }): PlateRecipe => {
    const { mix, version } = versions.at(-1)!
    return { source: 'card', id, name, recipe: { mix, version } }
  }),
  ...onShelf(inks).map(({ id, name }): PlateRecipe => ({ source: 'ink', id, name, recipe: null })),
]
