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
}

/**
 * Forecasts plate life from its kind alone: usual range less pulls made [common practice, no source].
 *
 * @param pullsMade every pull from this plate, proofs and warm-ups included
 */
export function plateLife(kind: PlateKind, pullsMade: number): PlateLife {
  const [weak, strong] = PLATE_KINDS[kind].stands
  return {
    spent: pullsMade,
    leftAtLeast: Math.max(0, weak - pullsMade),
    leftAtMost: Math.max(0, strong - pullsMade),
    standing: pullsMade < weak ? 'fresh' : pullsMade < strong ? 'watch' : 'past',
  }
}

/** Says what is left in the shop's words: "about 6 pulls left", "between 0 and 7 pulls left". */
export function describePlateLife({ leftAtLeast, leftAtMost, standing }: PlateLife): string {
  if (standing === 'past') return 'past what its kind usually stands'
  if (leftAtMost > 100) return 'hundreds of pulls left'
  return `between ${leftAtLeast} and ${leftAtMost} pulls left`
}
