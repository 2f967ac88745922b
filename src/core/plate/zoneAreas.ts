import { boundsOf, type Bounds, type Point } from '../geometry/point'
import { boxesMeet, distance, nearestOnSegment, type Outline } from '../geometry/polygon'
import { cutAway, joinShapes, shapeArea, type Shape } from '../geometry/shapes'
import type { Zone } from './zoneMap'

/** Zones closer than this share a border, mm: less than a rag's edge can tell apart. */
export const BORDER_REACH_MM = 1
/** Length of outline that is looked at in one piece, mm. */
const PIECE_MM = 0.5

/** What of each zone is seen: later zones lie over earlier ones. */
export function visibleShapes(zones: readonly Pick<Zone, 'outline'>[]): Shape[] {
  const boxes = zones.map(({ outline }) => boundsOf(outline))
  return zones.map(({ outline }, i) => {
    const above = zones.slice(i + 1).filter((_, n) => boxesMeet(boxes[i], boxes[i + 1 + n]))
    if (above.length === 0) return [outline]
    return cutAway(
      [outline],
      above.reduce<Shape>((all, zone) => joinShapes(all, [zone.outline]), []),
    )
  })
}

/** Area of each zone as it is seen, cm², and its share of the plate, 0…1. */
export interface ZoneArea {
  areaCm2: number
  share: number
}

/** Areas of shapes on a plate. */
export function zoneAreas(
  shapes: readonly Shape[],
  plate: { widthMm: number; heightMm: number },
): ZoneArea[] {
  return shapes.map((shape) => {
    const mm2 = shapeArea(shape)
    return { areaCm2: mm2 / 100, share: mm2 / (plate.widthMm * plate.heightMm) }
  })
}

/** An outline cut into short pieces: their middles and lengths. */
function pieces(outline: Outline): { middle: Point; length: number }[] {
  return outline.flatMap((from, i) => {
    const to = outline[(i + 1) % outline.length]
    const length = distance(from, to)
    const parts = Math.max(1, Math.ceil(length / PIECE_MM))
    return Array.from({ length: parts }, (_, k) => {
      const t = (k + 0.5) / parts
      return {
        middle: [from[0] + t * (to[0] - from[0]), from[1] + t * (to[1] - from[1])] as Point,
        length: length / parts,
      }
    })
  })
}

/** Sides of a shape that come within reach of a box. */
function sidesNear(shape: Shape, box: Bounds): [Point, Point][] {
  return shape.flatMap((outline) =>
    outline.flatMap((from, i): [Point, Point][] => {
      const to = outline[(i + 1) % outline.length]
      return boxesMeet(boundsOf([from, to]), box, BORDER_REACH_MM) ? [[from, to]] : []
    }),
  )
}

const boxOf = ([x, y]: Point): Bounds => ({ left: x, right: x, top: y, bottom: y })

/** Two zones that meet. */
export interface SharedBorder {
  a: number
  b: number
  lengthMm: number
}

/**
 * Length of the border between each two shapes: how much of one's outline runs within a millimetre of the other's, the mean
 * of both ways. Ends of a border count up to a millimetre too far.
 */
export function sharedBorders(shapes: readonly Shape[]): SharedBorder[] {
  const boxes = shapes.map((shape) => boundsOf(shape.flat()))
  const cuts = shapes.map((shape) => shape.flatMap(pieces))
  // Only pieces and sides that lie where the two boxes meet can be near one another.
  const along = (a: number, b: number) => {
    const sides = sidesNear(shapes[b], boxes[a])
    return cuts[a].reduce((sum, { middle, length }) => {
      if (!boxesMeet(boxOf(middle), boxes[b], BORDER_REACH_MM)) return sum
      return sides.some(
        ([from, to]) => distance(middle, nearestOnSegment(middle, from, to)) <= BORDER_REACH_MM,
      )
        ? sum + length
        : sum
    }, 0)
  }
  return shapes.flatMap((_, a) =>
    shapes.slice(a + 1).flatMap((__, n) => {
      const b = a + 1 + n
      if (!boxesMeet(boxes[a], boxes[b], BORDER_REACH_MM)) return []
      const lengthMm = (along(a, b) + along(b, a)) / 2
      return lengthMm > 0 ? [{ a, b, lengthMm }] : []
    }),
  )
}
