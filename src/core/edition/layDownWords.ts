import type { LaidInk, LayDown } from './layDown'

/** How sheet and slab meet. */
export const LAY_DOWN_WAYS: Record<LayDown['way'], string> = {
  slab: 'Sheet onto the slab',
  ghost: 'Ghost of the last',
  behind: 'Drawn from behind',
}

/** How the ink comes onto the slab. */
export const LAY_DOWN_TOOLS: Record<LayDown['tool'], string> = {
  rolled: 'rolled',
  painted: 'painted',
  wiped: 'rolled, then wiped away',
}

/** Where a film lies: everywhere, only where the tape leaves a place open, or everywhere but under the tape. */
export const FILM_PLACES: Record<LaidInk['place'], string> = {
  all: 'all over',
  within: 'only within',
  around: 'around, taped off:',
}

const inkWords = ({ name, place, area }: LaidInk): string =>
  place === 'all' ? name : `${name} ${place} ${area}`

/** A lay-down in words. @example layDownWords({ way: 'slab', tool: 'rolled', inks: [{ name: 'Reed ochre', place: 'all', … }], … }) // 'Reed ochre, rolled' */
export function layDownWords({ way, tool, inks, kept, marks }: Omit<LayDown, 'number' | 'imageId'>): string {
  const what = inks.map(inkWords).join(' and ')
  if (way === 'ghost') return `ghost of ${what}${kept === null ? '' : `, ${Math.round(100 * kept)} % of it`}`
  return [`${what}, ${way === 'behind' ? 'drawn from behind' : LAY_DOWN_TOOLS[tool]}`, marks]
    .filter(Boolean)
    .join(': ')
}
