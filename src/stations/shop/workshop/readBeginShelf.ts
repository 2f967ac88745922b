import { onShelf } from '@/core/units/onShelf'
import { benchAgain } from '@/core/record/printAgain'
import { listAllJobs, loadJob } from '@/data/shop/jobs'
import { loadStore } from '@/data/shop/store'
import { typicalFor } from '@/data/shop/typicalShelf'
import { isTongueSaid } from '@/data/shop/tongue'
import { isUnitOrderSaid } from '@/data/shop/unitOrder'
import type { BeginShelf, BeginState } from './beginState'

/** What a new print can be begun with: what lies on the shelves, and before the first job what is put there with it. */
export async function readBeginShelf(): Promise<BeginShelf> {
  const [store, jobs, isUnitsSaid, isWordsSaid] = await Promise.all([
    loadStore(),
    listAllJobs(),
    isUnitOrderSaid(),
    isTongueSaid(),
  ])
  const typical = typicalFor(store, jobs.length)
  return {
    inks: [...onShelf(store.inks), ...typical.inks].map(({ id, name }) => ({ id, name })),
    papers: [...onShelf(store.papers), ...typical.papers],
    presses: onShelf(store.presses),
    blankets: store.blankets,
    earlier: null,
    isUnitOrderSaid: isUnitsSaid,
    isTongueSaid: isWordsSaid,
    templates: jobs
      .filter(({ templateAt, putAway }) => templateAt !== null && putAway !== 'bin')
      .map(({ slug, title }) => ({ slug, title })),
  }
}

/**
 * An earlier job as a new print is begun as it: what it printed well by, or else what stands on its bench; and what the form opens with.
 *
 * @throws NotFoundError
 */
export async function readEarlier(
  slug: string,
): Promise<{ earlier: NonNullable<BeginShelf['earlier']>; open: Partial<BeginState> }> {
  const job = await loadJob(slug)
  const { id, title, artist, purpose, editionSize } = job
  return {
    earlier: { jobId: id, title, bench: benchAgain(job) },
    open: { artist, purpose, editionSize },
  }
}
