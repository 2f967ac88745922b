import type { Box } from './findPlate'
import type { Which } from './flawTable'
import { judgePlate, type JudgedPlate } from './judgedPlate'
import type { Rgb } from './picture'
import type { Similarity } from './similarity'
import { crispness, focusFor, outOfFocus, softerOf } from './softness'

/** The picture that is softer than the other. */
export interface Softer {
  picture: Which
  isTooSoft: boolean
}

/** How soft each picture is by an edge beside its print: how far the light takes from a quarter to three quarters of the way across, mm; null: none is known. */
export interface EdgeSpreads {
  mm: Record<Which, number | null>
  /** whether it is one printed edge in both, and not those of two papers, which a knife or a tear leaves a little different */
  isOneEdge: boolean
}

/** Edges of sheets whose squared spreads are apart by less are as sharp, mm²: half a pixel of blur at 150 dots an inch adds more. */
const SPREAD_APART_MM2 = 0.008
/** Where the sheets' edges say which picture is softer, its drawing need be so little softer only, as a share of its crispness. */
const AS_SHARP_BY_EDGES = 0.97
/** A drawing that lost less than such a share of what the edges say did not lose it by the lens: one paper's edge is more ragged. What it lost is then by the drawing alone. */
const AGREED = 0.6
/** From a quarter to three quarters of an edge, in standard deviations of what blurs it. */
const QUARTERS = 1.349

const crispOf = ({ referenceInk, impressionInk, width, height, seen }: JudgedPlate) => ({
  reference: crispness(referenceInk, width, height, seen),
  impression: crispness(impressionInk, width, height, seen),
})

/** Which picture's lens is softer by how sheets' edges look, and by how much, a standard deviation in mm; 0: neither's. Spreads of independent causes add by their squares. */
function softerByEdges({ mm: { reference, impression } }: EdgeSpreads): { softer: Which; mm: number } | null {
  if (reference === null || impression === null) return null
  const apart = impression ** 2 - reference ** 2
  const mm = Math.abs(apart) > SPREAD_APART_MM2 ? Math.sqrt(Math.abs(apart)) / QUARTERS : 0
  return { softer: apart > 0 ? 'impression' : 'reference', mm }
}

/** What the sharper picture is put out of focus by: a standard deviation in mm, where keeping a share of its crispness agrees with that; null: nothing. */
function blurOf(
  byEdges: ReturnType<typeof softerByEdges>,
  byDrawing: ReturnType<typeof softerOf>,
  isOneEdge: boolean,
): { softer: Which; mm: number; share: number | null; isTooSoft: boolean } | null {
  if (byEdges && isOneEdge)
    return byEdges.mm === 0
      ? null
      : { ...byEdges, share: null, isTooSoft: byDrawing?.softer === byEdges.softer && byDrawing.isTooSoft }
  if (!byDrawing) return null
  // By the drawing alone: no blur would be too much to agree with.
  if (!byEdges) return { ...byDrawing, mm: Infinity }
  return byEdges.mm === 0 || byEdges.softer !== byDrawing.softer ? null : { ...byDrawing, mm: byEdges.mm }
}

/**
 * Both prints judged, as soft as the softer picture is: a lens that spreads a line takes nothing from the plate. Where the drawing alone is
 * softer, and not the sheet's edge, it is the print that is, worn or cut anew, and no lens.
 */
export function judgedAlike(
  reference: Rgb,
  impression: Rgb,
  alignment: Similarity,
  plate: Box,
  pixelsPerMm: number,
  edges: EdgeSpreads,
): { judged: JudgedPlate; softer: Softer | null } {
  const asTaken = judgePlate(reference, impression, alignment, plate, pixelsPerMm)
  const byEdges = softerByEdges(edges)
  const asSharp = edges.isOneEdge ? 1 : AS_SHARP_BY_EDGES
  const apart = softerOf(crispOf(asTaken), byEdges ? asSharp : undefined)
  const blur = blurOf(byEdges, apart, edges.isOneEdge)
  if (!blur) return { judged: asTaken, softer: null }
  const { softer: picture, isTooSoft } = blur
  const sharper = picture === 'reference' ? impression : reference
  const px = blur.mm * pixelsPerMm
  const byDrawing = blur.share === null ? px : focusFor(sharper, blur.share)
  const spread = outOfFocus(sharper, byDrawing < AGREED * px ? byDrawing : px)
  const [one, other] = picture === 'reference' ? [reference, spread] : [spread, impression]
  return {
    judged: judgePlate(one, other, alignment, plate, pixelsPerMm, asTaken.deformation),
    softer: { picture, isTooSoft },
  }
}
