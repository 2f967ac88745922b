import { boxOutline } from '../../geometry/polygon'
import type { Point } from '../../geometry/point'
import type { SheetDrawing, Stroke } from '../../sheet/sheetDrawing'
import { FRAME, GREY_STRIP, PATCHES, type StripBox } from './greyStrip'

/** As wide as A4 and as high as letter paper, so that a printer holds either. */
const PAGE = { widthMm: 210, heightMm: 279 }
const TOP_MM = 40
const HAIRLINE_MM = 0.2
const WORDS_MM = 3.6
const LINE_MM = 6

/** What is written under the strip, for whoever cuts it out. */
const WHAT_TO_DO = [
  'Cut along the dashed line.',
  'Lay it beside the sheet in both pictures that are to be compared:',
  'close to it, not touching it, in the same light.',
  'Always this one: two strips differ, however alike they look.',
  'Keep it dry and in the dark. Any printer will do, at any size.',
]

/** A page with the grey strip to cut out. */
export function stripSheet(): SheetDrawing {
  const { widthMm, heightMm, rimMm, frameMm, field, blacks } = GREY_STRIP
  const left = (PAGE.widthMm - widthMm) / 2
  const box = (from: Point, size: { widthMm: number; heightMm: number }): Point[] =>
    boxOutline(size).map(([x, y]) => [x + left + from[0], y + TOP_MM + from[1]])
  const filled = (name: string, { leftMm, topMm, ...size }: StripBox, black: number): Stroke => ({
    name,
    points: box([rimMm + leftMm, rimMm + topMm], size),
    isClosed: true,
    widthMm: 0,
    black,
  })
  return {
    ...PAGE,
    title: 'Grey strip',
    strokes: [
      {
        name: 'cut',
        points: box([0, 0], { widthMm, heightMm }),
        isClosed: true,
        widthMm: HAIRLINE_MM,
        isDashed: true,
      },
      filled('frame', { leftMm: 0, topMm: 0, ...FRAME }, 1),
      filled(
        'field',
        {
          leftMm: frameMm,
          topMm: frameMm,
          widthMm: FRAME.widthMm - 2 * frameMm,
          heightMm: FRAME.heightMm - 2 * frameMm,
        },
        field,
      ),
      ...PATCHES.map(({ patch }, i) => filled(`patch-${i + 1}`, patch, blacks[i])),
    ],
    words: WHAT_TO_DO.map((text, i) => ({
      text,
      at: [PAGE.widthMm / 2, TOP_MM + heightMm + 12 + i * LINE_MM],
      sizeMm: WORDS_MM,
      anchor: 'middle' as const,
    })),
    pictures: [],
  }
}
