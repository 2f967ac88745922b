import { hasName } from '../units/byName'
import { boundsOf, type Point } from '../geometry/point'
import { boxOutline, type Outline } from '../geometry/polygon'
import {
  brushShape,
  cutAway,
  joinShapes,
  largestOutline,
  overlap,
  simplifyOutline,
  untangle,
} from '../geometry/shapes'
import { MOST_POINTS, type Zone } from './zoneMap'

type Size = { widthMm: number; heightMm: number }

/** Decimals of a millimetre an outline is kept with: finer than any hand. */
const KEPT = 100
/** Points that move a brushed outline by less than this are left out, mm. */
const BRUSH_TOLERANCE = 0.15

const rounded = (outline: Outline): Point[] =>
  outline.map(([x, y]) => [Math.round(x * KEPT) / KEPT, Math.round(y * KEPT) / KEPT])

/** Simplifies until an outline has no more points than a zone takes. */
function fewEnough(outline: Outline, tolerance: number): Outline {
  let few = outline
  for (let more = tolerance; few.length > MOST_POINTS; more *= 2) few = simplifyOutline(few, more)
  return few
}

/** Cuts an outline to the plate and keeps its largest piece; null where nothing is left. */
export function cutToPlate(outline: Outline, plate: Size): Point[] | null {
  const cut = largestOutline(overlap([outline], [boxOutline(plate)]))
  return cut.length < 3 ? null : rounded(fewEnough(cut, 0.05))
}

/** An outline that crosses itself made plain and cut to the plate; null where nothing is left. */
export function repairOutline(outline: Outline, plate: Size): Point[] | null {
  const plain = untangle(outline)
  return plain && cutToPlate(plain, plate)
}

/**
 * What a brush stroke makes: joined to the zone it began on, taken from it, or a zone of its own. Only the largest piece
 * stays, without holes: a zone is one outline.
 */
export function brushed(
  before: Outline | null,
  path: readonly Point[],
  radiusMm: number,
  plate: Size,
  takesAway = false,
): Point[] | null {
  const stroke = brushShape(path, radiusMm)
  const change = takesAway ? cutAway : joinShapes
  const shape = before ? change([before], stroke) : stroke
  const outline = largestOutline(overlap(shape, [boxOutline(plate)]))
  return outline.length < 3
    ? null
    : rounded(fewEnough(simplifyOutline(outline, BRUSH_TOLERANCE), BRUSH_TOLERANCE * 2))
}

/** Moves an outline, or one of its points, by so much; it stays on the plate. */
export function nudge(outline: Outline, by: Point, plate: Size, point: number | null): Point[] {
  const moved = point === null ? outline : [outline[point]]
  const { left, top, right, bottom } = boundsOf(moved)
  const dx = Math.max(-left, Math.min(plate.widthMm - right, by[0]))
  const dy = Math.max(-top, Math.min(plate.heightMm - bottom, by[1]))
  return rounded(
    outline.map(([x, y], i): Point => (point === null || i === point ? [x + dx, y + dy] : [x, y])),
  )
}

/** A new zone's name: the first "Zone n" that is free. */
export function freeZoneName(zones: readonly Pick<Zone, 'name'>[]): string {
  for (let n = zones.length + 1; ; n++) if (!hasName(zones, `Zone ${n}`)) return `Zone ${n}`
}

/** A box in the middle of the plate, a third of it each way: where drawing with keys begins. */
export function middleBox({ widthMm, heightMm }: Size): Point[] {
  const [w, h] = [widthMm / 3, heightMm / 3]
  return rounded([
    [w, h],
    [2 * w, h],
    [2 * w, 2 * h],
    [w, 2 * h],
  ])
}
