import type { RolledPlate } from './surfaceSetting'

/** Whether what was bitten away stays without ink, so that every tone is the other way round than in an intaglio. */
export const isTurnedInTone = ({ surface }: RolledPlate): boolean => surface?.isAlone === true

/** How a roller goes over a plate. */
export interface RollerRun {
  /** π times the diameter: what one turn covers, mm */
  aroundMm: number
  /** where the film repeats itself from the edge it begins at, mm; none: one turn covers the plate */
  repeatsAtMm: number[]
  /** times it is charged for one pass: every turn begins with fresh ink */
  charges: number
}

/**
 * What one turn of a roller covers (circumference π·d), and where a longer plate shows a line: from there the roller lays what it has left
 * a second time.
 *
 * @param lengthMm the plate along the way the roller goes, mm
 */
export function rollerRun(lengthMm: number, rollerMm: number): RollerRun {
  const aroundMm = Math.PI * rollerMm
  const turns = Math.ceil(lengthMm / aroundMm - 1e-9)
  return {
    aroundMm,
    repeatsAtMm: Array.from({ length: Math.max(0, turns - 1) }, (_, i) => (i + 1) * aroundMm),
    charges: Math.max(1, turns),
  }
}

/** The smallest roller that covers a plate in one turn, mm. */
export const rollerFor = (lengthMm: number): number => lengthMm / Math.PI

/**
 * The share of a plate that is bitten, from the tones its print is to have: what is dark in an intaglio, what is light where the surface
 * alone is rolled.
 *
 * @param greys of the print, 0 black to 255 white @returns 0 to 1
 */
export function bittenShare(greys: ArrayLike<number>, plate: RolledPlate): number {
  let light = 0
  for (let i = 0; i < greys.length; i++) light += greys[i]
  const share = greys.length === 0 ? 0 : light / (255 * greys.length)
  return isTurnedInTone(plate) ? share : 1 - share
}
