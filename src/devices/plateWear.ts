import { PLATE_KINDS, type PlateKind } from '@/core/plate/plate'

/** What of its ink a plate has lost when it has made the pulls its kind stands at least, as a share; it goes on as it went [from memory; only the way it goes is used]. */
const LOST = 0.25
const MOST = 0.9

/** How worn a plate is after so many pulls, 0 (fresh) to 0.9. */
export const wearAfter = (kind: PlateKind, pulls: number): number =>
  Math.min(MOST, (LOST * pulls) / (PLATE_KINDS[kind].stands?.[0] ?? Infinity))
