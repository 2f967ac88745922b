import { emptyBin } from '../shop/putAway'
import { emptyShelves } from '../shop/shelves'
import { backUpDaily } from './backups'

/** How often it is looked whether a day's backup is due, and how long after the start first: the first screen comes before. */
const EVERY_MS = 3_600_000
const FIRST_MS = 20_000

/** A day's backup first, then the bin and what lies put away of the shelves: what goes for good is in the backup before. */
async function backUpAndEmpty(now: string): Promise<void> {
  await backUpDaily(now)
  await emptyBin(now)
  await emptyShelves(now)
}

/** Backs up once a day for as long as the server runs, and empties the bin of what lay in it long enough. What went wrong is said on the first screen, and tried again. */
export function keepBackedUp(): void {
  const look = () => void backUpAndEmpty(new Date().toISOString()).catch(() => undefined)
  setTimeout(look, FIRST_MS).unref()
  setInterval(look, EVERY_MS).unref()
}
