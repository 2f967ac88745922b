import type { Box } from './findPlate'
import type { Rgb } from './picture'

/** Side of the squares the paper round a plate is looked at in, mm; how far from plate and sheet's edge they keep. */
const SQUARE_MM = 6
const GUARD_MM = 2.5
/** A value from here on is as high as a picture goes. */
const HIGHEST = 253
/** Of all squares, the share that may be off without the light being so: a mark, a deckle, writing in the margin. */
const IGNORED = 0.1

/** What the paper round the plate shows of the picture. */
export interface PaperRound {
  /** share of the paper where a channel is as high as it goes */
  clipped: number
  /** lightness of the paper, the weighted sum of its coded channels, 0 to 255 */
  light: number
  /** how far its squares lie from their middle, nine of ten, as a share */
  uneven: number
  /** how much lighter than that middle the lightest square of the whole sheet is, as a share: ink only darkens, so what is lighter than paper is a reflection */
  lighter: number
}

const grey = (data: Rgb['data'], at: number) => 0.299 * data[at] + 0.587 * data[at + 1] + 0.114 * data[at + 2]

const middleOf = (values: number[]): number => values.sort((a, b) => a - b)[values.length >> 1]

/**
 * Looks at the paper round the plate of an upright sheet, square by square.
 *
 * @param plate where it is about, px @param seen what of the sheet was in the picture, px @returns null: there is too little paper round it to say
 */
export function lookAtPaper(
  { width, data }: Rgb,
  { left, top, width: w, height: h }: Box,
  pixelsPerMm: number,
  seen: Box,
): PaperRound | null {
  const guard = Math.round(GUARD_MM * pixelsPerMm)
  const side = Math.max(4, Math.round(SQUARE_MM * pixelsPerMm))
  const step = Math.max(1, side >> 3)
  const squares: number[] = []
  let [clipped, all, lightest] = [0, 0, 0]
  for (let y = seen.top + guard; y + side <= seen.top + seen.height - guard; y += side) {
    for (let x = seen.left + guard; x + side <= seen.left + seen.width - guard; x += side) {
      const isBeside =
        x + side <= left - guard || x >= left + w + guard || y + side <= top - guard || y >= top + h + guard
      const values: number[] = []
      for (let v = y; v < y + side; v += step)
        for (let u = x; u < x + side; u += step) {
          const at = 3 * (v * width + u)
          values.push(grey(data, at))
          if (!isBeside) continue
          all += 1
          if (Math.max(data[at], data[at + 1], data[at + 2]) >= HIGHEST) clipped += 1
        }
      const middle = middleOf(values)
      lightest = Math.max(lightest, middle)
      if (isBeside) squares.push(middle)
    }
  }
  if (squares.length < 8) return null
  const light = middleOf([...squares])
  const off = squares.map((value) => Math.abs(value / Math.max(1, light) - 1)).sort((a, b) => a - b)
  return {
    clipped: clipped / all,
    light,
    uneven: off[Math.floor((1 - IGNORED) * (off.length - 1))],
    lighter: Math.max(0, lightest / Math.max(1, light) - 1),
  }
}
