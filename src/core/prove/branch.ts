import type { Settings } from './settings'
import { compareSettings } from './compareSettings'

/**
 * The proof another was set out from: of those before it the one it differs from least, the later of equals. A ladder that was
 * gone back on branches there.
 *
 * @returns its place in the list; null for the first
 */
export function setOutFrom(settings: readonly Settings[], at: number): number | null {
  let best: { place: number; changes: number } | null = null
  for (let place = at - 1; place >= 0; place--) {
    const changes = compareSettings(settings[place], settings[at]).length
    if (!best || changes < best.changes) best = { place, changes }
  }
  return best?.place ?? null
}
