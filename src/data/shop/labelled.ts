import type { Labelled } from '@/core/record/shelfLabels'
import { onShelf } from '@/core/units/onShelf'
import { loadCards } from '../ink/cards'
import { openDatabase } from '../database/database'
import { readReadable } from '../database/readRows'
import { listJobs } from './jobs'
import { loadStore } from './store'

/** What has a label: inks and papers on the shelves, every mix that has a card, and the plates of jobs on the shelf. */
export async function loadLabelled(): Promise<Labelled> {
  const { tables } = await openDatabase()
  const [store, cards, jobs] = await Promise.all([loadStore(), loadCards(), listJobs()])
  const runs = await readReadable(tables.runs, { where: { jobId: jobs.map(({ id }) => id), position: 0 } })
  return {
    inks: onShelf(store.inks),
    cards,
    papers: onShelf(store.papers),
    plates: jobs.flatMap(({ id, title, artist, slug }) => {
      const plate = runs.find(({ jobId }) => jobId === id)?.bench.plate
      return plate ? [{ title, artist, slug, plate }] : []
    }),
  }
}
