import { CONDITIONS } from './conditions'
import { differing, held } from './held'
import { taken } from './imaging'
import { PLATES, wornHatching, type Film } from './plates'
import { printed, type Piece, type Planted } from './prints'

/** A fault that grows, and the checks of which one must tell it. */
interface Growing {
  name: string
  unit: string
  sizes: readonly number[]
  planted?: (size: number) => Planted
  /** laid on in the BAT, and in the print */
  piece?: (size: number) => readonly [Piece, Piece]
  /** of a plate that is none of the kinds: as it was, and as it is */
  film?: (size: number) => Film
  toldBy: readonly string[]
}

const PIECE: Piece = [30, 18, 44, 32]
const GROWING: readonly Growing[] = [
  {
    name: 'less ink',
    unit: '%',
    sizes: [5, 10, 15, 20, 30],
    planted: (size) => ({ ink: 1 - size / 100 }),
    toldBy: ['tone', 'lines', 'colour', 'film'],
  },
  {
    name: 'less ink over 9 cm², named',
    unit: '%',
    sizes: [15, 20, 30, 40],
    planted: (size) => ({ loss: [38, 26, 30, 30, 1 - size / 100] }),
    toldBy: ['blanks'],
  },
  {
    name: 'more plate tone',
    unit: 'times',
    sizes: [1.3, 1.6, 2, 3],
    planted: (size) => ({ tone: size }),
    toldBy: ['film', 'tone'],
  },
  {
    name: 'a smear',
    unit: 'mm across',
    sizes: [0.4, 0.8, 1.6],
    planted: (size) => ({ smear: [14, 60, size / 2] }),
    toldBy: ['marks'],
  },
  {
    name: 'a laid-on piece off',
    unit: 'mm',
    sizes: [2, 4, 6, 8],
    piece: (size) => [PIECE, [PIECE[0] + size, PIECE[1], PIECE[2], PIECE[3]]],
    toldBy: ['chine'],
  },
  {
    name: 'fine lines worn between strong ones',
    unit: '%',
    sizes: [10, 20, 40, 70],
    film: (size) => wornHatching(size / 100),
    toldBy: ['lines'],
  },
]

/** Whether a fault of a size is told on a plate. */
function isTold({ planted, piece, film, toldBy }: Growing, size: number, plate: Film, seed: number): boolean {
  const [good] = CONDITIONS
  const pieces = piece?.(size)
  const bat = printed(film?.(0) ?? plate, seed + 1, {}, pieces?.[0] ?? null)
  const print = printed(film?.(size) ?? plate, seed + 3, planted?.(size), pieces?.[1] ?? null)
  const report = held(taken(bat, good.reference, seed + 70), taken(print, good.impression, seed + 80))
  return differing(report).some(({ check }) => toldBy.includes(check))
}

/**
 * From which size on faults are told in good pictures, a kind of plate: the least of which, and of all greater ones, it is told. Prints it.
 *
 * @param only faults whose names begin so @returns always true: it states what is found, and nothing is wanted of it
 */
export function benchSizes(only = ''): boolean {
  for (const fault of GROWING) {
    if (!fault.name.startsWith(only)) continue
    const kinds = fault.film ? [{ name: 'strong lines over fine hatching', film: fault.film(0) }] : PLATES
    const from = kinds.map(({ name, film }, at) => {
      const untold = fault.sizes.findLastIndex((size) => !isTold(fault, size, film, 100 * (at + 1)))
      return { name, size: fault.sizes[untold + 1] }
    })
    const told = from.flatMap(({ size }) => (size === undefined ? [] : [size])).sort((a, b) => a - b)
    const ofNine = told[Math.ceil(0.9 * kinds.length) - 1]
    console.log(
      `${fault.name}: told from ${ofNine === undefined ? 'no size here' : `${ofNine} ${fault.unit}`} on by nine kinds of ten; ${from.map(({ name, size }) => `${name} ${size ?? 'untold'}`).join(', ')}`,
    )
  }
  return true
}
