/** One page of a list, and where it lies in it: places are counted from 1. */
export interface Page<Item> {
  items: Item[]
  first: number
  last: number
  of: number
  /** number of the page before and of the one after, from 1; null: there is none */
  before: number | null
  after: number | null
}

/** Cuts a page out of a list. @param page from 1; one that is none is taken as the nearest there is @param size at least 1 */
export function pageOf<Item>(list: readonly Item[], page: number, size: number): Page<Item> {
  const pages = Math.max(1, Math.ceil(list.length / size))
  const at = Number.isFinite(page) ? Math.min(pages, Math.max(1, Math.floor(page))) : 1
  const items = list.slice((at - 1) * size, at * size)
  const first = items.length === 0 ? 0 : (at - 1) * size + 1
  return {
    items,
    first,
    last: (at - 1) * size + items.length,
    of: list.length,
    before: at > 1 ? at - 1 : null,
    after: at < pages ? at + 1 : null,
  }
}
