import type { ShelfInk } from '@/core/ink/shelfInk'
import { inksInPlate, PUT_AWAY_HOURS, type InkInPlate } from '@/core/wipe/inkLeftIn'
import type { FiledPull } from '@/core/record/jobFile'

/** The ink a plate last printed, and when; asked after a break only. */
export interface LastInked {
  at: string
  inks: InkInPlate[]
}

/** The ink a plate last printed, once so long went by that it may have been put away; null: it was not, or never printed. @param now ISO 8601 in UTC */
export function lastInked(
  last: Pick<FiledPull, 'pulledAt' | 'settings'> | undefined,
  kinds: Readonly<Record<string, ShelfInk['kind']>>,
  now: string,
): LastInked | null {
  if (!last || Date.parse(now) - Date.parse(last.pulledAt) < PUT_AWAY_HOURS * 3_600_000) return null
  return { at: last.pulledAt, inks: inksInPlate(last.settings.ink.mixes, kinds) }
}
