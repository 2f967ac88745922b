import { oneLine } from '../units/oneLine'
import type { Point } from '../geometry/point'
import type { Outline } from '../geometry/polygon'

/** A line of a drawing; all lengths in millimetres. */
export interface Stroke {
  points: Outline
  isClosed: boolean
  widthMm: number
  isDashed?: boolean
  /** of a closed line: how black it is within, 0 to 1; left out: it is clear */ black?: number
  /** what the line is, for those who measure it */ name?: string
}
/** Words on a drawing, their baseline's start, middle or end at a point. */
export interface Words {
  text: string
  at: Point
  sizeMm: number
  anchor?: 'start' | 'middle' | 'end'
  /** written to be read from behind */ isMirrored?: boolean
}
/** A picture on a drawing, as a data address. */
export interface PlacedPicture {
  data: string
  xMm: number
  yMm: number
  widthMm: number
  heightMm: number
}

/** A drawing at 1:1: what every export of it, as SVG or PDF, is made from. */
export interface SheetDrawing {
  widthMm: number
  heightMm: number
  title: string
  strokes: Stroke[]
  words: Words[]
  pictures: PlacedPicture[]
}

/** Length of the bar that is measured after printing: it proves the scale. */
export const CHECK_BAR_MM = 100
/** Height a check bar takes with its words, mm. */
export const CHECK_BAR_HEIGHT_MM = 12

const FINE_MM = 0.25

/** A bar of 100 mm with ticks every ten, and what to do with it. */
export function checkBar(xMm: number, yMm: number): { strokes: Stroke[]; words: Words[] } {
  const ticks = Array.from({ length: 11 }, (_, i): Stroke => ({
    points: [
      [xMm + 10 * i, yMm],
      [xMm + 10 * i, yMm + (i % 5 === 0 ? 4 : 2.5)],
    ],
    isClosed: false,
    widthMm: FINE_MM,
  }))
  return {
    strokes: [
      {
        points: [
          [xMm, yMm],
          [xMm + CHECK_BAR_MM, yMm],
        ],
        isClosed: false,
        widthMm: FINE_MM,
      },
      ...ticks,
    ],
    words: [
      {
        text: `${CHECK_BAR_MM} mm: measure this bar after printing`,
        at: [xMm + CHECK_BAR_MM / 2, yMm + 9],
        sizeMm: 3.2,
        anchor: 'middle',
      },
    ],
  }
}

/** Marks that reach outward from the corners of a box, so that they stay clear of what lies in it. */
export function cornerMarks(x: number, y: number, width: number, height: number, reach: number): Stroke[] {
  return [
    [x, -1],
    [x + width, 1],
  ].flatMap(([cx, outX]) =>
    [
      [y, -1],
      [y + height, 1],
    ].flatMap(([cy, outY]): Stroke[] => [
      {
        points: [
          [cx + outX, cy],
          [cx + outX * reach, cy],
        ],
        isClosed: false,
        widthMm: FINE_MM,
      },
      {
        points: [
          [cx, cy + outY],
          [cx, cy + outY * reach],
        ],
        isClosed: false,
        widthMm: FINE_MM,
      },
    ]),
  )
}

/** A drawing as it is seen from behind: left for right, so that what was written mirrored reads true. */
export function mirrorDrawing(drawing: SheetDrawing): SheetDrawing {
  const turn = ([x, y]: Point): Point => [drawing.widthMm - x, y]
  const ends = { start: 'end', middle: 'middle', end: 'start' } as const
  return {
    ...drawing,
    strokes: drawing.strokes.map((stroke) => ({ ...stroke, points: stroke.points.map(turn) })),
    words: drawing.words.map((line) => ({
      ...line,
      at: turn(line.at),
      isMirrored: !line.isMirrored,
      anchor: ends[line.anchor ?? 'start'],
    })),
    pictures: drawing.pictures.map((picture) => ({
      ...picture,
      xMm: drawing.widthMm - picture.xMm - picture.widthMm,
    })),
  }
}

const escapeXml = (text: string) =>
  oneLine(text).replace(
    /[&<>"]/g,
    (glyph) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[glyph]!,
  )
const short = (mm: number) => String(Math.round(mm * 1000) / 1000)

/** The way of a stroke as SVG path data, in millimetres. */
export function strokePath({ points, isClosed }: Pick<Stroke, 'points' | 'isClosed'>): string {
  return `M${points.map(([x, y]) => `${short(x)} ${short(y)}`).join('L')}${isClosed ? 'Z' : ''}`
}

/** What a stroke is filled with, as a colour of the screen. */
export function strokeFill({ black }: Pick<Stroke, 'black'>): string {
  if (black === undefined) return 'none'
  const part = Math.round(255 * (1 - black))
    .toString(16)
    .padStart(2, '0')
  return `#${part}${part}${part}`
}

/**
 * Writes a drawing as an SVG document at 1:1: width and height in millimetres, the user unit a millimetre.
 *
 * @param window for turning part of it into pixels: where it lies, and its size is then said in pixels
 */
export function drawingToSvg(
  { widthMm, heightMm, title, strokes, words, pictures }: SheetDrawing,
  window?: { xPx: number; yPx: number; widthPx: number; heightPx: number; pxPerMm: number },
): string {
  const size = window
    ? `width="${window.widthPx}" height="${window.heightPx}"`
    : `width="${short(widthMm)}mm" height="${short(heightMm)}mm"`
  const view = window
    ? [window.xPx, window.yPx, window.widthPx, window.heightPx].map((px) => px / window.pxPerMm).join(' ')
    : `0 0 ${short(widthMm)} ${short(heightMm)}`
  const anchors = { start: 'start', middle: 'middle', end: 'end' } as const
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" ${size} viewBox="${view}"><title>${escapeXml(title)}</title><rect width="${short(widthMm)}" height="${short(heightMm)}" fill="#fff"/>`,
    ...pictures.map(
      ({ data, xMm, yMm, widthMm: w, heightMm: h }) =>
        `<image href="${data}" x="${short(xMm)}" y="${short(yMm)}" width="${short(w)}" height="${short(h)}" preserveAspectRatio="none" image-rendering="pixelated"/>`,
    ),
    '<g fill="none" stroke="#000">',
    ...strokes.map(
      (stroke) =>
        `<path${stroke.name ? ` id="${escapeXml(stroke.name)}"` : ''} d="${strokePath(stroke)}" stroke-width="${stroke.widthMm}"${stroke.black === undefined ? '' : ` fill="${strokeFill(stroke)}"`}${stroke.isDashed ? ' stroke-dasharray="2 1.5"' : ''}/>`,
    ),
    '</g><g fill="#000" font-family="sans-serif">',
    ...words.map(
      ({ text, at: [x, y], sizeMm, anchor = 'start', isMirrored }) =>
        `<text ${isMirrored ? `transform="translate(${short(x)} ${short(y)}) scale(-1 1)"` : `x="${short(x)}" y="${short(y)}"`} font-size="${sizeMm}" text-anchor="${anchors[anchor]}">${escapeXml(text)}</text>`,
    ),
    '</g></svg>',
  ].join('')
}
