import type { Lab } from '../colour/convertXyzToLab'
import type { Covering } from './estimateInk'
import { inkByEye } from './inkByEye'
import { UNKNOWN_TUBE, type ShelfInk } from './shelfInk'

/** What is written beside each of them. */
const NOTE = 'Typical of its kind, not a tube of yours: put your own on the shelf in its place.'

/** Colours printed solid on rag, and how such inks cover [from memory, by eye]. */
const TYPICAL: readonly [key: string, lab: Lab, covering: Covering, viscosityPas: number][] = [
  ['black', { L: 18, a: 0, b: 0 }, 'half-covering', 70],
  ['warm black', { L: 20, a: 3, b: 5 }, 'half-covering', 65],
  ['blue', { L: 32, a: 8, b: -45 }, 'transparent', 48],
  ['red', { L: 45, a: 60, b: 35 }, 'transparent', 50],
  ['rose', { L: 48, a: 62, b: -5 }, 'transparent', 46],
  ['yellow', { L: 84, a: 2, b: 75 }, 'half-covering', 42],
  ['ochre', { L: 62, a: 16, b: 48 }, 'covering', 58],
  ['brown', { L: 34, a: 14, b: 22 }, 'half-covering', 62],
  ['white', { L: 94, a: 0, b: 2 }, 'covering', 55],
]

/**
 * Inks a workshop begins with until its own are on the shelf: what inks of such a name usually look like. They are marked estimated, nobody
 * has counted them, and none of them is anybody's tube.
 *
 * @param paper reflectance of what they are printed on
 */
export const typicalInks = (paper: readonly number[]): ShelfInk[] =>
  TYPICAL.map(([key, lab, covering, viscosityPas]) => ({
    id: `typical-${key.replace(' ', '-')}`,
    name: `Typical ${key}`,
    kind: 'oil',
    ...inkByEye(lab, covering, paper)!,
    viscosityPas,
    source: 'estimated',
    forecastable: true,
    note: NOTE,
    ...UNKNOWN_TUBE,
  }))
