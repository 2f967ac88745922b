import { flawOfEdges, type EdgesFound } from './edgeFlaws'
import type { Corners } from './homography'
import type { Rgb } from './picture'
import { markOnSheet, type MarkOnSheet, type PlateOnSheet } from './plateOnSheet'

/** The same corners begun so many further on: what stood turned clockwise by so many quarters stands upright. */
export function turnedBy(corners: Corners, quarters: number): Corners {
  return [0, 1, 2, 3].map((i) => corners[(i + quarters) % 4]) as unknown as Corners
}

/** Length to width of a sheet so near to one, as a logarithm, says nothing of which way it lies. */
const SQUARE = 0.05

const long = ([ax, ay]: readonly [number, number], [bx, by]: readonly [number, number]) =>
  Math.hypot(bx - ax, by - ay)

/** By how many quarters a sheet may lie turned in a picture, by its length and its width; the likeliest first. */
export function quartersByShape(
  [a, b, c, d]: Corners,
  { widthMm, heightMm }: PlateOnSheet['sheet'],
): readonly [number, ...number[]] {
  const wanted = Math.log(widthMm / heightMm)
  if (Math.abs(wanted) < SQUARE) return [0, 1, 2, 3]
  const shape = Math.log((long(a, b) + long(d, c)) / (long(a, d) + long(b, c)))
  return shape > 0 === wanted > 0 ? [0, 2] : [1, 3]
}

/** Nearer than this to where the settings place it, a plate lies at its place, mm. */
const AT_ITS_PLACE_MM = 1.5
/** So many mm beside its place a plate mark speaks half as much for a way a sheet may lie. */
const BESIDE_MM = 2

/** How much a plate mark speaks for the way a sheet is taken to lie: the clearer and the nearer to its place, the more. */
export const speaksFor = (mark: Omit<MarkOnSheet, 'isSure'> | null): number =>
  mark ? (mark.clear ?? 0) / (1 + Math.hypot(mark.xMm, mark.yMm) / BESIDE_MM) : 0

/** How much it speaks for a way a sheet seldom lies: nothing where it is not sure, as it is nowhere on what only looked like a sheet. */
export const speaksForAnother = (mark: MarkOnSheet | null): number => (mark?.isSure ? speaksFor(mark) : 0)

/** Another way must have so many times more speak for it than the likeliest. */
const CLEARLY = 1.5

/** The way that most speaks for, the first where no other clearly does. @param speaking for each of the ways */
export function mostLikely<T>(ways: readonly [T, ...T[]], speaking: (way: T) => number): T {
  const [first, ...others] = ways
  const bar = CLEARLY * speaking(first)
  return others.reduce(
    (best, way) => {
      const much = speaking(way)
      return much > best.much ? { way, much } : best
    },
    { way: first, much: bar },
  ).way
}

/**
 * By how many quarters the sheet of a reference lies turned in its picture, as it does when it was scanned lying across or upside down: by its shape, and by
 * where its plate mark then lies. Corners a person set are named by that person, as far as the sheet's shape allows.
 *
 * @param edges of the whole sheet @returns 0 to 3, clockwise
 */
export function quartersLying(picture: Rgb, edges: EdgesFound, onSheet: PlateOnSheet): number {
  // Of a sheet that its picture cuts, the corners are named upright where they are found.
  if (edges.sides && edges.sides !== 'three') return 0
  const ways = quartersByShape(edges.corners, onSheet.sheet)
  // Neither is anything told of what only looked like a sheet.
  if (flawOfEdges(edges, onSheet.sheet) === 'another-shape') return ways[0]
  if (edges.isSetByHand && ways[0] === 0) return 0
  const markOf = (quarters: number) =>
    markOnSheet(picture, turnedBy(edges.corners, quarters), onSheet, { lens: edges.lens })
  const first = markOf(ways[0])
  // Surely where it should be: no other way need be looked at.
  if (first?.isSure && Math.hypot(first.xMm, first.yMm) < AT_ITS_PLACE_MM) return ways[0]
  return mostLikely(ways, (quarters) =>
    quarters === ways[0] ? speaksFor(first) : speaksForAnother(markOf(quarters)),
  )
}
