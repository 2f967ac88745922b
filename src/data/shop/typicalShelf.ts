import { typicalInks } from '@/core/ink/typicalInks'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { typicalPapers } from '@/core/paper/typicalPapers'
import { PACK_SCHOOLS } from '@/core/press/blanket'
import { schoolPack } from '@/core/press/usualPack'
import { listAllJobs } from './jobs'
import { stockStore, type Stock, type Store } from './store'

/** Sets of blankets a workshop begins with, before it has blankets of its own. */
const TYPICAL_PACKS = ['three', 'two', 'one'] as const

/** What a workshop begins with: things of the kind that is usual, marked as such, counted by nobody. A press is everybody's own. */
export const typicalStock = (): Stock => ({
  inks: typicalInks(RAG_WHITE),
  papers: typicalPapers().map(({ widthMm, heightMm, reflectance, ...paper }) => ({
    ...paper,
    sheetWidthMm: widthMm,
    sheetHeightMm: heightMm,
    reflectance: [...reflectance],
    grain: 'unknown' as const,
    sheetsReceived: 0,
    sides: '',
    pricePerSheet: null,
    lowAt: null,
    colourFrom: 'taken' as const,
  })),
  presses: [],
  packs: TYPICAL_PACKS.map((school) => ({
    id: `typical-${school}`,
    name: PACK_SCHOOLS[school].label,
    layers: schoolPack(school),
    blanketIds: null,
  })),
  blankets: [],
})

const NOTHING: Stock = { inks: [], papers: [], presses: [], packs: [], blankets: [] }

/**
 * What is put on the shelves with the first job, so that it has something to choose from: on each that is still empty, and never beside
 * what somebody put there.
 *
 * @param own what lies there @param jobs how many there are
 */
export function typicalFor(own: Store, jobs: number): Stock {
  if (jobs > 0) return NOTHING
  const typical = typicalStock()
  const ifEmpty = <Thing>(shelf: readonly unknown[], things: Thing[]) => (shelf.length === 0 ? things : [])
  return {
    ...typical,
    inks: ifEmpty(own.inks, typical.inks),
    papers: ifEmpty(own.papers, typical.papers),
    packs: ifEmpty([...own.blankets, ...own.packs], typical.packs),
  }
}

/** Puts typical things on the shelves before the first job. @param own what lies there @returns what was put there */
export async function stockEmptyShelves(own: Store): Promise<Stock> {
  const added = typicalFor(own, (await listAllJobs()).length)
  await stockStore(added)
  return added
}
