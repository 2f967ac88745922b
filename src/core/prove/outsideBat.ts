import { compareSettings, type SettingDifference } from './compareSettings'
import type { Bench } from './settings'
import { readSlip, type Tolerances } from './tolerance'

/** What of a bench is outside the BAT, change by change: both screws turned alike are one. The one count for every screen. */
export function outsideBat(
  bench: Bench,
  bat: { settings: Bench; tolerances: Tolerances },
): SettingDifference[] {
  const outside = new Set(
    readSlip(bench, bat).flatMap(({ key, standing }) => (standing === 'outside' ? [key] : [])),
  )
  const isOutside = (key: string) =>
    outside.has(key) || (key === 'press.turns' && outside.has('press.turnsLeft'))
  return compareSettings(bat.settings, bench).filter(({ key }) => isOutside(key))
}
