import { listJobs } from '@/data/shop/jobs'
import { loadStore } from '@/data/shop/store'
import { typicalFor } from '@/data/shop/typicalShelf'
import type { BeginShelf } from './beginState'

/** What a new print can be begun with: what lies on the shelves, and before the first job what is put there with it. */
export async function readBeginShelf(): Promise<BeginShelf> {
  const [store, jobs] = await Promise.all([loadStore(), listJobs()])
  const typical = typicalFor(store, jobs.length)
  const { presses, blankets } = store
  return {
    inks: [...store.inks, ...typical.inks].map(({ id, name }) => ({ id, name })),
    papers: [...store.papers, ...typical.papers],
    presses,
    blankets,
  }
}
