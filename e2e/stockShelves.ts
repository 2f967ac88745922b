import { freshStore } from '@demo/starterStore'
import { closeDatabase } from '@/data/database/database'
import { stockStore } from '@/data/shop/store'

/** Puts invented inks, papers, presses and blankets on the shelves of an empty workshop, as a shop that has its things but no job yet. */
async function main(): Promise<void> {
  await stockStore(freshStore(new Date().toISOString()))
  await closeDatabase()
}

await main()
