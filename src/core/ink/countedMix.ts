import { puddleGrams, UNWEIGHED } from './inkNeed'

/**
 * What ink is counted by where there is no scale, and what one of it weighs [from memory, to be weighed]; a blob is the coin-sized puddle,
 * 40 mm across and 3 mm high.
 */
export const PORTIONS = {
  squeeze: { one: 'squeeze', many: 'squeezes', grams: 2 },
  blob: { one: 'blob', many: 'blobs', grams: Math.round(puddleGrams({ diameterMm: 40, heightMm: 3 })) },
  tip: { one: 'knife tip', many: 'knife tips', grams: 0.3 },
} as const
export type Portion = keyof typeof PORTIONS

/** An ink of the recipe and how often it was put in. */
export interface CountedPart {
  name: string
  /** its share by the recipe, in any unit */
  parts: number
  counted: number
}

/** What lies on the slab by counting, and what the recipe still wants of each ink. */
export interface CountedMix {
  portions: number
  grams: number
  /** what it may be, as nobody weighed it */
  from: number
  to: number
  /** portions still wanted of each part so that the shares are the recipe's; ink can only be added */
  wanted: number[]
}

/**
 * A mix counted as it is put together. The ink that is ahead of the recipe sets the size: with k = max(nᵢ / pᵢ), part i still wants
 * k·pᵢ − nᵢ portions.
 *
 * @param oneWeighs grams of one portion
 * @example countedMix([{ name: 'blue', parts: 2, counted: 2 }, { name: 'white', parts: 3, counted: 1 }], 2).wanted // [0, 2]
 */
export function countedMix(parts: readonly CountedPart[], oneWeighs: number): CountedMix {
  const portions = parts.reduce((sum, { counted }) => sum + counted, 0)
  const ahead = Math.max(0, ...parts.map(({ counted, parts: share }) => (share > 0 ? counted / share : 0)))
  const grams = portions * oneWeighs
  return {
    portions,
    grams,
    from: grams * (1 - UNWEIGHED),
    to: grams * (1 + UNWEIGHED),
    wanted: parts.map(({ parts: share, counted }) => Math.max(0, ahead * share - counted)),
  }
}
