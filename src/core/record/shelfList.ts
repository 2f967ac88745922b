import { isFound } from '../units/isFound'
import type { ShelvedThing } from '../units/onShelf'

/** What the things of a shelf can be put in order by. */
export const SHELF_ORDERS = { came: 'when they came', name: 'name', left: 'least left' } as const
export type ShelfOrder = keyof typeof SHELF_ORDERS

/** Where a thing lies; what is put away is not offered to any job. */
export const SHELF_PLACES = { shelf: 'on the shelves', away: 'put away' } as const
export type ShelfPlace = keyof typeof SHELF_PLACES

/** Which things of a shelf are asked for, and in what order. */
export interface ShelfAsked {
  find: string
  place: ShelfPlace
  order: ShelfOrder
}

/** A thing of a shelf as it is looked for. */
export type ListedThing = ShelvedThing & { name: string; note?: string }

/** What is not known to run out comes after what is. */
const leftOr = (left: number | null) => left ?? Number.POSITIVE_INFINITY

/**
 * The things of a shelf that are meant, in an order.
 *
 * @param left how much is left of a thing; null: nobody counted
 * @example listedThings(papers, { find: 'rag', place: 'shelf', order: 'left' }, ({ sheetsLeft }) => sheetsLeft)
 */
export function listedThings<Thing extends ListedThing>(
  things: readonly Thing[],
  { find, place, order }: ShelfAsked,
  left: (thing: Thing) => number | null = () => null,
): Thing[] {
  const meant = things.filter(
    ({ name, note = '', putAwayAt }) =>
      (putAwayAt ? 'away' : 'shelf') === place && isFound([name, note], find),
  )
  if (order === 'came') return meant
  const byName = (a: Thing, b: Thing) => a.name.localeCompare(b.name, 'en', { numeric: true })
  if (order === 'name') return meant.toSorted(byName)
  // Both may be without end, and their difference then is none.
  return meant.toSorted((a, b) => {
    const [one, other] = [leftOr(left(a)), leftOr(left(b))]
    return one === other ? byName(a, b) : one - other
  })
}
