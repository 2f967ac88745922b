import type { Origins } from '../document/origins'
import { usualRegister } from '../register/registerSetting'
import { WIPING_SCHOOLS } from '../wipe/wipingSchools'
import type { Purpose } from './purpose'
import { checkBench, settingsSchema, unsetStations, type Bench, type Settings } from './settings'
import { stationsWanting } from './stationsWanting'

/** What stands at a station that a purpose does not ask for, until somebody sets it. */
const USUAL: Partial<Pick<Bench, 'wipe' | 'register'>> = {
  wipe: WIPING_SCHOOLS['three-stage'].order,
  register: usualRegister,
}

/**
 * The bench as full settings, or null while something is wanting. A station the purpose does not ask for and nobody set stands as it is
 * usually laid out, and says of itself that nobody set it.
 *
 * @param bench as it stands @param purpose what the job is for
 */
export function completeBench(bench: Bench, purpose: Purpose): Settings | null {
  if (stationsWanting(bench, purpose).length > 0) return null
  const left = unsetStations(bench)
  const origins: Origins = {
    ...bench.origins,
    ...Object.fromEntries(left.map((station) => [station, 'default' as const])),
  }
  const filled = {
    ...bench,
    ...Object.fromEntries(left.map((station) => [station, USUAL[station as keyof typeof USUAL] ?? null])),
    ...(left.length > 0 ? { origins } : {}),
  }
  const parsed = settingsSchema.safeParse(filled)
  return parsed.success && checkBench(parsed.data).length === 0 ? parsed.data : null
}
