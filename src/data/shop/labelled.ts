import type { Labelled } from '@/core/record/shelfLabels'
import { onShelf } from '@/core/units/onShelf'
import { loadCards } from '../ink/cards'
import { openDatabase } from '../database/database'
import { readReadable } from '../database/readRows'
import { loadDryingPlaces } from './dryingPlaces'
import { listJobs } from './jobs'
import { loadStore } from './store'

/** What has a label: inks and papers on the shelves, every mix that has a card, the plates of jobs on the shelf, and what lies to dry. */
export async function loadLabelled(): Promise<Labelled> {
  const { tables } = await openDatabase()
  const [store, cards, jobs, { places, loads }] = await Promise.all([
    loadStore(),
    loadCards(),
    listJobs(),
    loadDryingPlaces(),
  ])
  const runs = await readReadable(tables.runs, { where: { jobId: jobs.map(({ id }) => id), position: 0 } })
  return {
    inks: onShelf(store.inks),
    cards,
    papers: onShelf(store.papers),
    plates: jobs.flatMap(({ id, title, artist, slug }) => {
      const plate = runs.find(({ jobId }) => jobId === id)?.bench.plate
      return plate ? [{ title, artist, slug, plate }] : []
    }),
    stacks: loads.flatMap((load) => {
      const place = places.find(({ id }) => id === load.placeId)
      return place ? [{ ...load, place }] : []
    }),
  }
}
