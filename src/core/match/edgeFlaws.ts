import type { PictureFlaw, Which } from './flawTable'
import type { Corners } from './homography'
import type { Lens } from './lens'
import type { SeenSides } from './seenSides'

/** How the edges of a sheet are known in a picture. */
export interface EdgesFound {
  /** without the lens, where it bends them */
  corners: Corners
  lens: Lens | null
  /** of a sheet its picture cuts, the sides that are seen in its own scale, its corners named as it lies upright, or that there are three, whose scale nobody knows; null: all four are */
  sides: SeenSides | 'three' | null
  isSetByHand: boolean
  /** how far the worst side bows, mm */
  bowMm: number
  /** how far half of the points of its most ragged side lie off that side, mm */
  raggedMm: number
  /** how far the light takes from a quarter to three quarters of the way across the edge, mm; null: nobody measured */
  spreadMm: number | null
}

/** A side that bows farther moves the plate on its sheet by as much [bench photographs]. */
const BOWED_MM = 0.2
/** Edges whose points lie farther off say where the plate lies to less than a seventh of a millimetre [bench photographs: deckled]. */
const RAGGED_MM = 0.2
/** A lens that bends more leaves the size of a plate uncertain by more than a fifth of a percent when it is taken out [bench photographs]. */
const BENT_LENS = 0.02
/** Length to width may be off by so much, and by such a share of how much smaller one side looks than the one across: a sheet seen at a slant looks shorter one way. */
const SHAPE = 0.03
const SHAPE_AT_A_SLANT = 0.3
const long = ([ax, ay]: readonly [number, number], [bx, by]: readonly [number, number]) =>
  Math.hypot(bx - ax, by - ay)

/** Width to height of what lies between four corners, seen nearly from above. */
const shapeOf = ([a, b, c, d]: Corners): number => (long(a, b) + long(d, c)) / (long(a, d) + long(b, c))

/** How much shorter a side looks than the one across from it, as a share; the greater of the two. */
const slantOf = ([a, b, c, d]: Corners): number =>
  Math.max(Math.abs(Math.log(long(a, b) / long(d, c))), Math.abs(Math.log(long(a, d) / long(b, c))))

const flawOfPart = (sides: SeenSides | 'three', { bowMm, raggedMm }: EdgesFound): PictureFlaw | null => {
  if (bowMm > BOWED_MM) return 'edges-bowed'
  if (sides === 'three') return 'cut-off'
  if (raggedMm > RAGGED_MM) return 'ragged'
  return sides.x && sides.y ? null : 'no-corner'
}

/** What keeps two sheets from being held against one another by their edges, which are seen otherwise in one than in the other, and of which picture it is said; null: nothing. */
export function flawBetween({
  reference,
  impression,
}: Record<Which, { edges: EdgesFound | null }>): [Which, PictureFlaw] | null {
  const [one, other] = [reference.edges, impression.edges]
  if (!one || !other || one.sides === 'three' || other.sides === 'three') return null
  if (!one.sides || !other.sides) {
    if (one.sides === other.sides) return null
    return [one.sides ? 'reference' : 'impression', 'part-beside-whole']
  }
  const isSame = one.sides.x === other.sides.x && one.sides.y === other.sides.y
  return isSame ? null : ['impression', 'other-corner']
}

/** What is wrong with the edges of a sheet; null: nothing. @param edges null: none were found */
export function flawOfEdges(
  edges: EdgesFound | null,
  sheet: { widthMm: number; heightMm: number },
): PictureFlaw | null {
  if (edges === null) return 'edges-unseen'
  if (edges.isSetByHand) return null
  if (edges.sides) return flawOfPart(edges.sides, edges)
  const wanted = sheet.widthMm / sheet.heightMm
  const shape = shapeOf(edges.corners)
  // It may lie across.
  const off = Math.min(Math.abs(Math.log(shape / wanted)), Math.abs(Math.log(shape * wanted)))
  if (off > SHAPE + SHAPE_AT_A_SLANT * slantOf(edges.corners)) return 'another-shape'
  if (edges.bowMm > BOWED_MM) return 'edges-bowed'
  if (edges.raggedMm > RAGGED_MM) return 'ragged'
  return edges.lens && Math.abs(edges.lens.bend) > BENT_LENS ? 'bent-lens' : null
}

/** A camera sees a sheet smaller at its far side; a scanner never does, beyond what corners are found to, or set to by hand. */
const SLANTED = { found: 0.004, byHand: 0.02, far: 0.012 }

/** Whether a sheet was seen at a slant, as only a camera sees it. @param how far: also beside that of a sheet torn out of square */
export function isSlanted(
  { corners: [a, b, c, d], isSetByHand }: EdgesFound,
  how: 'seen' | 'far' = 'seen',
): boolean {
  const off = Math.hypot(a[0] - b[0] + c[0] - d[0], a[1] - b[1] + c[1] - d[1])
  const found = how === 'far' ? SLANTED.far : SLANTED.found
  const least = isSetByHand ? SLANTED.byHand : found
  return off > (least * (long(a, b) + long(d, c) + long(a, d) + long(b, c))) / 4
}
