import type { Box } from './findPlate'
import type { Which } from './flawTable'
import { judged, layPlate, type JudgedPlate, type LaidPlate } from './judgedPlate'
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

/** Edges whose squared spreads are apart by less are as sharp, mm²: half a pixel of blur at 150 dots an inch adds more. */
const SPREAD_APART_MM2 = 0.008
/** A sheet's edge that is seen sharper than so many pixels is as sharp as they fall on it: apart from it by less is as sharp, mm². */
const CLEAR_PX = 0.9
const UNCLEAR_APART_MM2 = 0.03
/** Where clear edges say which picture is softer, its drawing need be so little softer only, as a share of its crispness. */
const AS_SHARP_BY_EDGES = 0.97
/** A drawing that lost less than such a share of what the edges say did not lose it by the lens: one paper's edge is more ragged. What it lost is then by the drawing alone. */
const AGREED = 0.75
/** From a quarter to three quarters of an edge, in standard deviations of what blurs it. */
const QUARTERS = 1.349

const crispOf = ({ referenceInk, impressionInk, width, height, seen }: LaidPlate) => ({
  reference: crispness(referenceInk, width, height, seen),
  impression: crispness(impressionInk, width, height, seen),
})

/** Which picture is softer by the edges beside the prints, and by how much, a standard deviation in px; 0: neither. Spreads of independent causes add by their squares. */
interface ByEdges {
  softer: Which
  px: number
  isClear: boolean
}

function softerByEdges(
  { mm: { reference, impression }, isOneEdge }: EdgeSpreads,
  pixelsPerMm: number,
): ByEdges | null {
  if (reference === null || impression === null) return null
  const isClear = isOneEdge || Math.min(reference, impression) * pixelsPerMm > CLEAR_PX
  const apart = impression ** 2 - reference ** 2
  const isApart = Math.abs(apart) > (isClear ? SPREAD_APART_MM2 : UNCLEAR_APART_MM2)
  return {
    softer: apart > 0 ? 'impression' : 'reference',
    px: isApart ? (Math.sqrt(Math.abs(apart)) / QUARTERS) * pixelsPerMm : 0,
    isClear,
  }
}

/** How far the sharper picture is put out of focus, px, where the drawing says so too. @param share of its crispness that the softer one has */
function blurOf(sharper: Rgb, share: number, byEdges: ByEdges | null): number {
  const byDrawing = focusFor(sharper, share)
  if (!byEdges?.isClear || byDrawing < AGREED * byEdges.px) return byDrawing
  return Math.max(byDrawing, byEdges.px)
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
  const asTaken = layPlate(reference, impression, alignment, plate, pixelsPerMm)
  const byEdges = softerByEdges(edges, pixelsPerMm)
  const apart = softerOf(crispOf(asTaken), byEdges?.isClear ? AS_SHARP_BY_EDGES : undefined)
  const isAgreed = byEdges === null || (byEdges.px > 0 && byEdges.softer === apart?.softer)
  // One printed edge is as sharp beside both, whatever was printed: it needs nobody's consent.
  const isByEdge = edges.isOneEdge && byEdges !== null
  if (isByEdge ? byEdges.px === 0 : !apart || !isAgreed) return { judged: judged(asTaken), softer: null }
  const picture = isByEdge ? byEdges.softer : apart!.softer
  const sharper = picture === 'reference' ? impression : reference
  const px = isByEdge ? byEdges.px : blurOf(sharper, apart!.share, byEdges)
  const spread = outOfFocus(sharper, px)
  const isTooSoft = apart?.softer === picture && apart.isTooSoft
  const [one, other] = picture === 'reference' ? [reference, spread] : [spread, impression]
  return {
    judged: judged(layPlate(one, other, alignment, plate, pixelsPerMm, asTaken.deformation)),
    softer: { picture, isTooSoft },
  }
}
