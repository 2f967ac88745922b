import { mean } from '../stats/mean'
import { quantileOf } from '../stats/quantileOf'
import { AS_PAPER, darkEdge } from './darkEdge'
import { edgePoints } from './edgePoints'
import type { Grey } from './picture'
import { lineThrough, type Side } from './sideLine'

/** Of a side, the share that must be seen. */
const SEEN = 0.5
/** A sheet laid on a scanner's glass lies straighter than this, degrees. */
const STRAIGHT = 6
/** Of the light of a lid beyond a side, how much it may vary as a share of how much darker than paper it is. */
const EVEN_LID = 0.35
const EVERY = 3

/** The light along the four borders of a picture, top, right, bottom, left. */
function bordersOf({ width, height, data }: Grey): number[][] {
  const along = (count: number, at: (i: number) => number) =>
    Array.from({ length: Math.floor(count / EVERY) }, (_, i) => data[at(i * EVERY)])
  return [
    along(width, (i) => i),
    along(height, (i) => i * width + width - 1),
    along(width, (i) => (height - 1) * width + i),
    along(height, (i) => i * width),
  ]
}

/**
 * The sides of a sheet beyond which a picture shows something even and darker than its paper: top, right, bottom, left; null: not seen.
 *
 * @returns with how soft their edges are, px; null: none is seen
 */
export function sidesOnDark(grey: Grey): { sides: (Side | null)[]; spreadPx: number | null } {
  const paper = quantileOf(Array.from(grey.data.filter((_, i) => i % 97 === 0)), 0.9)
  const borders = bordersOf(grey)
  const isLid = borders.map((values) => {
    const light = quantileOf([...values], 0.5)
    const varies = quantileOf([...values], 0.85) - quantileOf([...values], 0.15)
    return paper - light >= AS_PAPER && varies <= EVEN_LID * (paper - light)
  })
  const lids = borders.filter((_, i) => isLid[i]).map((values) => quantileOf([...values], 0.5))
  if (lids.length === 0) return { sides: [null, null, null, null], spreadPx: null }
  const { edgeOn, spreadPx } = darkEdge(grey, mean(lids), paper)
  const sides = edgePoints(grey, edgeOn).map((points, i) => {
    const side = isLid[i] ? lineThrough(points) : null
    return side && side.share >= SEEN && Math.abs(turnOf(side, i)) < (STRAIGHT * Math.PI) / 180 ? side : null
  })
  return { sides, spreadPx: spreadPx() }
}

/** By how much a side is turned clockwise from where it belongs, radians. @param at its place among top, right, bottom, left */
export function turnOf({ line: { a, b } }: Side, at: number): number {
  const isLevel = at % 2 === 0
  const [along, off] = isLevel ? [b, -a] : [a, b]
  return Math.atan(off / along)
}
