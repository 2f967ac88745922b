import {
  differenceD,
  EndType,
  FillRule,
  inflatePathsD,
  intersectD,
  JoinType,
  simplifyPathD,
  unionD,
  type PathsD,
} from 'clipper2-ts'
import type { Point } from './point'
import { outlineArea, selfCrossings, signedArea, type Outline } from './polygon'

/** A shape of one or more outlines: outer ones and holes, which run the other way round. */
export type Shape = readonly Outline[]

/** Decimals of a millimetre kept by the clipping: a tenth of a micrometre. */
const PRECISION = 4
/** How far an outline that touches itself is drawn in so that it no longer does, mm. */
const PART = 0.005
/** Mitres reach at most this many times the offset before a corner is cut off. */
const MITRE_LIMIT = 3
/** A rounded corner strays at most this far from the true arc, mm. */
const ARC_TOLERANCE = 0.01

const toPaths = (shape: Shape): PathsD => shape.map((outline) => outline.map(([x, y]) => ({ x, y })))
const fromPaths = (paths: PathsD): Outline[] => paths.map((path) => path.map(({ x, y }): Point => [x, y]))

/** Area of a shape, its holes taken off, mm². */
export const shapeArea = (shape: Shape): number =>
  Math.abs(shape.reduce((sum, outline) => sum + signedArea(outline), 0))

/** All of both shapes. */
export const joinShapes = (a: Shape, b: Shape): Shape =>
  fromPaths(unionD(toPaths(a), toPaths(b), FillRule.NonZero, PRECISION))

/** What is left of a when b is cut away. */
export const cutAway = (a: Shape, b: Shape): Shape =>
  fromPaths(differenceD(toPaths(a), toPaths(b), FillRule.NonZero, PRECISION))

/** What both shapes cover. */
export const overlap = (a: Shape, b: Shape): Shape =>
  fromPaths(intersectD(toPaths(a), toPaths(b), FillRule.NonZero, PRECISION))

/** The largest outline of a shape, or an empty one. */
export const largestOutline = (shape: Shape): Outline =>
  shape.reduce<Outline>((best, outline) => (outlineArea(outline) > outlineArea(best) ? outline : best), [])

/**
 * Makes a plain outline of one that crosses itself: every part that is wound round counts as inside, and the largest piece is kept.
 *
 * @returns null where nothing with an area is left
 */
export function untangle(outline: Outline): Outline | null {
  const plain = largestOutline(fromPaths(unionD(toPaths([outline]), [], FillRule.NonZero, PRECISION)))
  // What only touches itself at a point is parted there by drawing it in a hair's breadth.
  const parted =
    plain.length >= 3 && selfCrossings(plain).length > 0
      ? largestOutline(offsetShape([plain], -PART, 'sharp'))
      : plain
  return parted.length < 3 || outlineArea(parted) === 0 || selfCrossings(parted).length > 0 ? null : parted
}

/**
 * Moves the outline of a shape outward (positive) or inward (negative) by the same distance everywhere.
 *
 * @param by millimetres
 * @param corner `sharp` mitres a corner, as scissors cut it; `round` keeps the distance round it, as a brush does
 * @returns an empty shape where nothing is left
 */
export function offsetShape(shape: Shape, by: number, corner: 'sharp' | 'round'): Shape {
  const join = corner === 'sharp' ? JoinType.Miter : JoinType.Round
  return fromPaths(
    inflatePathsD(toPaths(shape), by, join, EndType.Polygon, MITRE_LIMIT, PRECISION, ARC_TOLERANCE),
  )
}

/** The area a round brush covers along a path. @param radiusMm of the brush */
export function brushShape(path: readonly Point[], radiusMm: number): Shape {
  const ends = path.length === 1 ? [path[0], [path[0][0] + 1e-3, path[0][1]] as Point] : path
  return fromPaths(
    inflatePathsD(
      toPaths([ends]),
      radiusMm,
      JoinType.Round,
      EndType.Round,
      MITRE_LIMIT,
      PRECISION,
      ARC_TOLERANCE,
    ),
  )
}

/** Leaves out points that move an outline by less than `tolerance` mm. */
export function simplifyOutline(outline: Outline, tolerance: number): Outline {
  const [plain] = fromPaths([simplifyPathD(toPaths([outline])[0], tolerance, true)])
  return plain.length >= 3 ? plain : outline
}
