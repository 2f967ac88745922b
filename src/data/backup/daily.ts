import { backUpDaily } from './backups'

/** How often it is looked whether a day's backup is due, and how long after the start first: the first screen comes before. */
const EVERY_MS = 3_600_000
const FIRST_MS = 20_000

/** Backs up once a day for as long as the server runs. What went wrong is said on the first screen, and tried again. */
export function keepBackedUp(): void {
  const look = () => void backUpDaily(new Date().toISOString()).catch(() => undefined)
  setTimeout(look, FIRST_MS).unref()
  setInterval(look, EVERY_MS).unref()
}
