import { PairSums } from '../stats/pairSums'
import type { Grey } from './picture'
import type { Similarity } from './similarity'

/** Side of the squares that are compared, px. */
const SQUARE = 14
/** A square of the reference says something from this spread of lightness on: lines, not paper. */
const DRAWN = 0.035
/** Fewer drawn squares than this say nothing. */
const FEWEST = 6

/**
 * How alike the drawing of two aligned pictures is, −1 to 1: the middle of the correlations of their small squares, so that it is the
 * lines that are compared and not the dark plate on the white sheet; drawn squares of the reference only. Null where there are too few.
 */
export function likenessOf(
  reference: Grey,
  impression: Grey,
  { shiftX, shiftY, rotation, scale }: Similarity,
): number | null {
  const { width, height, data } = reference
  const cos = scale * Math.cos(rotation)
  const sin = scale * Math.sin(rotation)
  const found: number[] = []
  for (let top = 0; top + SQUARE <= height; top += SQUARE) {
    for (let left = 0; left + SQUARE <= width; left += SQUARE) {
      const sums = new PairSums()
      for (let y = top; y < top + SQUARE; y++) {
        for (let x = left; x < left + SQUARE; x++) {
          const dx = x + 0.5 - width / 2
          const dy = y + 0.5 - height / 2
          const px = width / 2 + shiftX + cos * dx - sin * dy - 0.5
          const py = height / 2 + shiftY + sin * dx + cos * dy - 0.5
          const i = Math.floor(px)
          const j = Math.floor(py)
          if (i < 0 || j < 0 || i >= impression.width - 1 || j >= impression.height - 1) continue
          const fx = px - i
          const fy = py - j
          const k = j * impression.width + i
          const b =
            (impression.data[k] * (1 - fx) + impression.data[k + 1] * fx) * (1 - fy) +
            (impression.data[k + impression.width] * (1 - fx) +
              impression.data[k + impression.width + 1] * fx) *
              fy
          sums.add(data[y * width + x], b)
        }
      }
      if (sums.count < (SQUARE * SQUARE) / 2 || sums.squaresA / sums.count < DRAWN ** 2) continue
      found.push(sums.correlation)
    }
  }
  return found.length < FEWEST ? null : found.sort((a, b) => a - b)[found.length >> 1]
}
