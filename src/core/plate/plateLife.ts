import { PLATE_KINDS, type PlateKind } from './plate'

/** What is left of a plate: every pull spends it, proofs too. */
export interface PlateLife {
  spent: number
  /** Pulls left if the plate is a weak one of its kind, never below 0. */
  leftAtLeast: number
  /** Pulls left if the plate is a strong one of its kind, never below 0. */
  leftAtMost: number
  /** `fresh` while a weak plate of this kind would still print, `watch` beyond that, `past` when even a strong one would be worn. */
  standing: 'fresh' | 'watch' | 'past'
  /** what the count rests on: its kind alone, a steel facing, or this plate's own readings */
  by: 'kind' | 'facing' | 'readings'
}

/** Pulls a steel-faced copper plate usually stands from the facing on [common practice, no source: "hundreds"]. */
export const FACED_STANDS = [200, 500] as const

/** Kinds that are steel faced: electroplating takes to copper (and to mezzotints, which are cut in it). */
export const canBeFaced = (kind: PlateKind): boolean => PLATE_KINDS[kind].canBeFaced

/** What is known of a plate beyond its kind. */
export interface PlateHistory {
  /** pulls made before the newest steel facing; null: none */
  facedAfter?: number | null
  /** where the line's own reading falls below what still matches: the pull, and 90 % bounds (`high` null: unbounded) */
  wear?: { low: number; high: number | null } | null
}

/**
 * Forecasts plate life: by this plate's own line readings where they tell, else from its newest steel facing, else from what
 * its kind usually stands [common practice, no source].
 *
 * @param pullsMade every pull from this plate, proofs and warm-ups included
 */
export function plateLife(
  kind: PlateKind,
  pullsMade: number,
  { facedAfter = null, wear = null }: PlateHistory = {},
): PlateLife {
  const faced = facedAfter !== null
  const usual = faced ? FACED_STANDS.map((stands) => facedAfter + stands) : PLATE_KINDS[kind].stands
  const [weak, strong] = wear
    ? [Math.max(0, Math.floor(wear.low)), Math.floor(wear.high ?? Math.max(usual[1], wear.low))]
    : usual
  const beyondWeak = pullsMade < strong ? 'watch' : 'past'
  const byPlate = faced ? 'facing' : 'kind'
  return {
    spent: pullsMade,
    leftAtLeast: Math.max(0, weak - pullsMade),
    leftAtMost: Math.max(0, strong - pullsMade),
    standing: pullsMade < weak ? 'fresh' : beyondWeak,
    by: wear ? 'readings' : byPlate,
  }
}

const PAST: Record<PlateLife['by'], string> = {
  kind: 'past what its kind usually stands',
  readings: 'past what its readings allow',
  facing: 'past what a facing usually stands',
}

/** Says what is left in the shop's words: "about 6 pulls left", "between 0 and 7 pulls left". */
export function describePlateLife({ leftAtLeast, leftAtMost, standing, by }: PlateLife): string {
  if (standing === 'past') return PAST[by]
  if (leftAtMost > 100)
    return leftAtLeast > 100 || by !== 'readings'
      ? 'hundreds of pulls left'
      : `at least ${leftAtLeast} pulls left`
  return `between ${leftAtLeast} and ${leftAtMost} pulls left`
}

/** What one more proof costs: "another proof costs one of about 6 left". */
export function costOfAProof({ leftAtLeast, leftAtMost, standing }: PlateLife): string | null {
  if (standing === 'past' || leftAtMost > 100) return null
  return `another proof costs one of about ${Math.round((leftAtLeast + leftAtMost) / 2)} left`
}
