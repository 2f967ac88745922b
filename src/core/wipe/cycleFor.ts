import type { CycleAct, CycleStep } from './inkingCycle'

/** What an ink's cycle follows from. */
export interface CycledInk {
  areaCm2: number
  /** how much a trace of it shows, 0…1 */
  strength: number
  isBesideWhite: boolean
  /** shares a hard border with another ink or a white */
  hasHardBorder: boolean
}

/** An area below which a zone is inked and wiped with a cotton bud, cm² [common practice, no source]. */
export const TINY_CM2 = 1.5
/** From this strength on a trace of an ink shows, so that slips are cleaned off before the next colour [from memory]. */
const STRONG = 0.5
/** Seconds of an act: a usual time and so much for every square centimetre [common practice, no source]. */
const SECONDS: Record<CycleAct, { base: number; perCm2: number }> = {
  rag: { base: 20, perCm2: 0.7 },
  bud: { base: 20, perCm2: 0 },
  hand: { base: 10, perCm2: 0.2 },
  clean: { base: 20, perCm2: 0 },
  tap: { base: 15, perCm2: 0 },
}

/**
 * An ink's own cycle once it is on: its rag (a cotton bud where its places are tiny), the hand, slips cleaned off where it is strong or lies
 * beside a white, and lost edges tapped back where a border is hard [common practice, no source].
 *
 * @example cycleFor({ areaCm2: 20, strength: 0.8, isBesideWhite: true, hasHardBorder: false }).map(({ does }) => does)
 *   // ['rag', 'hand', 'clean']
 */
export function cycleFor({ areaCm2, strength, isBesideWhite, hasHardBorder }: CycledInk): CycleStep[] {
  const isTiny = areaCm2 < TINY_CM2
  const acts: CycleAct[] = [
    ...(isTiny ? (['bud'] as const) : (['rag', 'hand'] as const)),
    ...(isBesideWhite || strength >= STRONG ? (['clean'] as const) : []),
    ...(hasHardBorder && !isTiny ? (['tap'] as const) : []),
  ]
  return acts.map((does) => ({
    does,
    seconds: Math.round(SECONDS[does].base + SECONDS[does].perCm2 * areaCm2),
  }))
}
