import { noiseAt, sequence } from './chance'
import { FINE, PLATE, SHEET, type Film } from './plates'

/** What is wrong with a print, planted. */
export interface Planted {
  /** ink that is left of what the plate should lay down */
  ink?: number
  /** of a place of the plate: left, top, width, height in mm, and the ink left there */
  loss?: readonly [number, number, number, number, number]
  /** how far the plate lies off on the sheet, whole places */
  shift?: readonly [number, number]
  /** a smear of ink on the sheet: middle and radius, mm */
  smear?: readonly [number, number, number]
  /** how many times as much film is left where nothing is drawn */
  tone?: number
  /** film left along the plate's left edge over 2 mm */
  bevel?: number
  /** how much wider the sheet lets the plate print, as a share */
  grown?: number
  /** strokes cut into the plate since: from where, to where, mm of the plate */
  cut?: readonly (readonly [number, number, number, number])[]
}

/** A piece of tinted paper laid on: left, top, width, height in mm of the plate. */
export type Piece = readonly [number, number, number, number]

/** Light a sheet throws back, linear, three channels a place, row by row, at `FINE` places a mm. */
export interface Sheet {
  width: number
  height: number
  light: Float32Array
}

const PAPER = [0.82, 0.8, 0.74]
const INK = [3.1, 3.2, 3.25]
const TONE = 0.035
const HALF = (PLATE.widthMm * FINE) / 2
/** A piece takes some of the blue light. */
const TINTED = [0.985, 0.96, 0.86]
const isWithin = ([left, top, width, height]: Piece, u: number, v: number) =>
  u > left && u < left + width && v > top && v < top + height
/** How far a place lies from a stroke, mm. */
function offStroke(
  [ax, ay, bx, by]: readonly [number, number, number, number],
  u: number,
  v: number,
): number {
  const t = Math.max(
    0,
    Math.min(1, ((u - ax) * (bx - ax) + (v - ay) * (by - ay)) / ((bx - ax) ** 2 + (by - ay) ** 2)),
  )
  return Math.hypot(u - ax - t * (bx - ax), v - ay - t * (by - ay))
}

/** Ink a plate lays down at a place of the picture, u and v mm from its corner. */
function laidAt(film: Film, { planted, column, row, u, v, seed }: Place): number {
  const { ink = 1, loss, shift = [0, 0], tone = 1, bevel = 0, grown = 0, cut = [] } = planted
  // Grown about its middle; what would lie beyond the plate is its last column.
  const from = Math.floor((column - PLATE.leftMm * FINE - shift[0] - HALF) / (1 + grown) + HALF)
  const place = Math.max(0, Math.min(PLATE.widthMm * FINE - 1, from))
  const drawn = film[(row - PLATE.topMm * FINE - shift[1]) * PLATE.widthMm * FINE + place]
  const stroke = cut.some((one) => offStroke(one, u, v) < 0.16) ? 0.9 : 0
  const cloud = 1 + 0.03 * (noiseAt(u / 14, v / 14, seed) - 0.5)
  const laid = (TONE * tone + (u < 2 ? bevel : 0) + Math.max(drawn, stroke)) * ink * cloud
  return loss && isWithin([loss[0], loss[1], loss[2], loss[3]], u, v) ? laid * loss[4] : laid
}
interface Place {
  planted: Planted
  column: number
  row: number
  u: number
  v: number
  seed: number
}

/**
 * A print: the plate's ink on paper with a cloudy look-through and a tooth of its own, pressed in at the plate's edge. No two prints are
 * the same: paper and film stray by a little. @param piece tinted paper that is laid on
 */
export function printed(film: Film, seed: number, planted: Planted = {}, piece: Piece | null = null): Sheet {
  const { shift = [0, 0], smear } = planted
  const [width, height] = [SHEET.widthMm * FINE, SHEET.heightMm * FINE]
  const light = new Float32Array(3 * width * height)
  const next = sequence(seed)
  const [left, top] = [PLATE.leftMm + shift[0] / FINE, PLATE.topMm + shift[1] / FINE]
  for (let row = 0; row < height; row++) {
    for (let column = 0; column < width; column++) {
      const [x, y] = [(column + 0.5) / FINE, (row + 0.5) / FINE]
      const [u, v] = [x - left, y - top]
      const inside = Math.min(u, v, PLATE.widthMm - u, PLATE.heightMm - v)
      let laid = inside > 0.5 ? laidAt(film, { planted, column, row, u, v, seed }) : 0
      if (smear && Math.hypot(x - smear[0], y - smear[1]) < smear[2]) laid = Math.max(laid, 0.5)
      const isOn = piece !== null && isWithin(piece, u, v)
      const pressed = 0.05 * Math.exp(-((inside / 0.35) ** 2)) * (u < v ? 1 : -1)
      const paper =
        1 +
        0.012 * (noiseAt(x / 9, y / 9, seed + 3) - 0.5) +
        0.02 * (next() - 0.5) -
        Math.abs(pressed) * 0.6 +
        pressed * 0.4
      for (let c = 0; c < 3; c++)
        light[3 * (row * width + column) + c] =
          PAPER[c] * (isOn ? TINTED[c] : 1) * paper * Math.exp(-INK[c] * laid)
    }
  }
  return { width, height, light }
}
