/** A thing of a shelf that may have been put away. */
export interface ShelvedThing {
  id: string
  /** when it was put away; null or left out: it is on the shelf */
  putAwayAt?: string | null
}

/** What can be chosen: the things on the shelf, and the chosen one wherever it lies. @example onShelf(store.papers, bench.paper.paperId) */
export const onShelf = <Thing extends ShelvedThing>(
  things: readonly Thing[],
  chosen?: string | null,
): Thing[] => things.filter(({ id, putAwayAt }) => !putAwayAt || id === chosen)
