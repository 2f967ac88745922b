import type { Point } from '../geometry/point'
import type { SheetDrawing, Stroke } from './sheetDrawing'

/** Page sizes a drawing can be cut into, mm: ISO 216 A4 and A3; ANSI letter, 8½ × 11 in. */
export const PAGES = {
  a4: { label: 'A4', widthMm: 210, heightMm: 297 },
  a3: { label: 'A3', widthMm: 297, heightMm: 420 },
  letter: { label: 'Letter', widthMm: 215.9, heightMm: 279.4 },
} as const
export type PageSize = keyof typeof PAGES

/** Edge a printer leaves white, mm. */
const WHITE_EDGE_MM = 8
/** What neighbouring pages both show, mm. */
export const OVERLAP_MM = 12
const MARK_MM = 4
const FINE_MM = 0.25

/** One page of a drawing that was cut up, and which part of the drawing it shows. */
export interface Tile {
  name: string
  column: number
  row: number
  fromXMm: number
  fromYMm: number
  drawing: SheetDrawing
}

/** The part of a segment within a window, or null where it passes by (Liang and Barsky 1984). */
export function clipSegment(
  [x1, y1]: Point,
  [x2, y2]: Point,
  window: { x: number; y: number; width: number; height: number },
): [Point, Point] | null {
  const [dx, dy] = [x2 - x1, y2 - y1]
  let [enter, leave] = [0, 1]
  for (const [p, q] of [
    [-dx, x1 - window.x],
    [dx, window.x + window.width - x1],
    [-dy, y1 - window.y],
    [dy, window.y + window.height - y1],
  ]) {
    if (p === 0) {
      if (q < 0) return null
      continue
    }
    const t = q / p
    if (p < 0) enter = Math.max(enter, t)
    else leave = Math.min(leave, t)
    if (enter > leave) return null
  }
  return [
    [x1 + enter * dx, y1 + enter * dy],
    [x1 + leave * dx, y1 + leave * dy],
  ]
}

function clipStroke(
  stroke: Stroke,
  window: { x: number; y: number; width: number; height: number },
): Stroke[] {
  const { points, isClosed } = stroke
  const ends = isClosed ? [...points.slice(1), points[0]] : points.slice(1)
  return ends.flatMap((end, i): Stroke[] => {
    const kept = clipSegment(points[i], end, window)
    return kept ? [{ ...stroke, points: kept, isClosed: false, black: undefined }] : []
  })
}

/** A cross at a point of the drawing: pages are joined where theirs fall together. */
const cross = ([x, y]: Point): Stroke[] => [
  {
    points: [
      [x - MARK_MM / 2, y],
      [x + MARK_MM / 2, y],
    ],
    isClosed: false,
    widthMm: FINE_MM,
  },
  {
    points: [
      [x, y - MARK_MM / 2],
      [x, y + MARK_MM / 2],
    ],
    isClosed: false,
    widthMm: FINE_MM,
  },
]

/**
 * Cuts a drawing into pages at 1:1. Neighbours overlap, and in the middle of every overlap both carry the same two crosses:
 * laid one over the other until the crosses meet, the pages are the drawing. Pages are named by row letter and column number.
 */
export function tileSheet(drawing: SheetDrawing, size: PageSize): Tile[] {
  const page = PAGES[size]
  const [width, height] = [page.widthMm - 2 * WHITE_EDGE_MM, page.heightMm - 2 * WHITE_EDGE_MM]
  const count = (whole: number, one: number) =>
    Math.max(1, Math.ceil((whole - OVERLAP_MM) / (one - OVERLAP_MM)))
  const [columns, rows] = [count(drawing.widthMm, width), count(drawing.heightMm, height)]
  // Seams lie in the middle of each overlap; the crosses on them lie a quarter and three quarters along each page's side.
  const [stepX, stepY] = [width - OVERLAP_MM, height - OVERLAP_MM]
  const quarters = [0.25, 0.75]
  const seamsX = Array.from({ length: columns - 1 }, (_, i) => (i + 1) * stepX + OVERLAP_MM / 2)
  const seamsY = Array.from({ length: rows - 1 }, (_, i) => (i + 1) * stepY + OVERLAP_MM / 2)
  const alongX = Array.from({ length: columns }, (_, i) =>
    quarters.map((share) => i * stepX + share * width),
  ).flat()
  const alongY = Array.from({ length: rows }, (_, i) =>
    quarters.map((share) => i * stepY + share * height),
  ).flat()
  const crosses: Point[] = [
    ...seamsX.flatMap((x) => alongY.map((y): Point => [x, y])),
    ...seamsY.flatMap((y) => alongX.map((x): Point => [x, y])),
  ]
  return Array.from({ length: rows * columns }, (_, i): Tile => {
    const [row, column] = [Math.floor(i / columns), i % columns]
    const window = { x: column * stepX, y: row * stepY, width, height }
    const holds = ([x, y]: Point) =>
      x >= window.x && x <= window.x + width && y >= window.y && y <= window.y + height
    const moved = ([x, y]: Point): Point => [x - window.x + WHITE_EDGE_MM, y - window.y + WHITE_EDGE_MM]
    const name = `${String.fromCodePoint(65 + row)}${column + 1}`
    const strokes = [
      ...drawing.strokes.flatMap((stroke) => clipStroke(stroke, window)),
      ...crosses.filter(holds).flatMap((at) => cross(at).flatMap((stroke) => clipStroke(stroke, window))),
    ]
    return {
      name,
      column,
      row,
      fromXMm: window.x - WHITE_EDGE_MM,
      fromYMm: window.y - WHITE_EDGE_MM,
      drawing: {
        widthMm: page.widthMm,
        heightMm: page.heightMm,
        title: `${drawing.title}, ${name}`,
        pictures: [],
        strokes: strokes.map((stroke) => ({ ...stroke, points: stroke.points.map(moved) })),
        words: [
          ...drawing.words.filter(({ at }) => holds(at)).map((line) => ({ ...line, at: moved(line.at) })),
          {
            text: `${name} of ${String.fromCodePoint(64 + rows)}${columns}: lay the pages so that the crosses meet`,
            at: [page.widthMm / 2, page.heightMm - 3.5],
            sizeMm: 2.6,
            anchor: 'middle',
          },
        ],
      },
    }
  })
}
