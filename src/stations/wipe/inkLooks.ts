import { inkLook, type InkLook } from '@/core/ink/inkLook'
import type { MixCard } from '@/core/ink/mixCard'
import type { PlateRecipe } from '@/core/ink/plateInks'
import type { ShelfInk } from '@/core/ink/shelfInk'
import type { ZoneInk } from '@/core/plate/zoneMap'

/** An ink or a recipe card with how it looks on the job's paper, and how it is put on a plate. */
export interface LookedInk extends ZoneInk {
  look: InkLook
  recipe: PlateRecipe['recipe']
}

/** The newest recipe of every card, then every ink of the shelf, each as it looks on a paper; cards with an ink that is gone are left out. */
export function lookOver(
  inks: readonly ShelfInk[],
  cards: readonly Pick<MixCard, 'id' | 'name' | 'versions'>[],
  paper: readonly number[],
): LookedInk[] {
  const spectral = new Map(inks.map(({ id, name, k, s }) => [id, { name, k, s }]))
  const mixed = cards.flatMap(({ id, name, versions }): LookedInk[] => {
    const { mix, version } = versions.at(-1)!
    const { parts } = mix
    const used = parts.flatMap(({ inkId }) => spectral.get(inkId) ?? [])
    return used.length < parts.length
      ? []
      : [
          {
            source: 'card',
            id,
            name,
            recipe: { mix, version },
            look: inkLook(
              used,
              parts.map((part) => part.parts),
              paper,
            ),
          },
        ]
  })
  return [
    ...mixed,
    ...inks.map(({ id, name, k, s }): LookedInk => ({
      source: 'ink',
      id,
      name,
      recipe: null,
      look: inkLook([{ name, k, s }], [1], paper),
    })),
  ]
}
