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
}

/** Light a sheet throws back, linear, three channels a place, row by row, at `FINE` places a mm. */
export interface Sheet {
  width: number
  height: number
  light: Float32Array
}

const PAPER = [0.82, 0.8, 0.74]
const INK = [3.1, 3.2, 3.25]
const TONE = 0.035

/**
 * A print: the plate's ink on paper with a cloudy look-through and a tooth of its own, pressed in at the plate's edge. No two prints are
 * the same: paper and film stray by a little.
 */
export function printed(film: Film, seed: number, planted: Planted = {}): Sheet {
  const { ink = 1, loss, shift = [0, 0], smear } = planted
  const [width, height] = [SHEET.widthMm * FINE, SHEET.heightMm * FINE]
  const light = new Float32Array(3 * width * height)
  const next = sequence(seed)
  const [left, top] = [PLATE.leftMm + shift[0] / FINE, PLATE.topMm + shift[1] / FINE]
  for (let row = 0; row < height; row++) {
    for (let column = 0; column < width; column++) {
      const [x, y] = [(column + 0.5) / FINE, (row + 0.5) / FINE]
      const [u, v] = [x - left, y - top]
      const inside = Math.min(u, v, PLATE.widthMm - u, PLATE.heightMm - v)
      let laid = 0
      if (inside > 0.5) {
        const plateAt = (row - PLATE.topMm * FINE - shift[1]) * PLATE.widthMm * FINE
        laid =
          (TONE + film[plateAt + column - PLATE.leftMm * FINE - shift[0]]) *
          ink *
          (1 + 0.03 * (noiseAt(u / 14, v / 14, seed) - 0.5))
        if (loss && u > loss[0] && u < loss[0] + loss[2] && v > loss[1] && v < loss[1] + loss[3])
          laid *= loss[4]
      }
      if (smear && Math.hypot(x - smear[0], y - smear[1]) < smear[2]) laid = Math.max(laid, 0.5)
      const pressed = 0.05 * Math.exp(-((inside / 0.35) ** 2)) * (u < v ? 1 : -1)
      const paper =
        1 +
        0.012 * (noiseAt(x / 9, y / 9, seed + 3) - 0.5) +
        0.02 * (next() - 0.5) -
        Math.abs(pressed) * 0.6 +
        pressed * 0.4
      for (let c = 0; c < 3; c++)
        light[3 * (row * width + column) + c] = PAPER[c] * paper * Math.exp(-INK[c] * laid)
    }
  }
  return { width, height, light }
}
