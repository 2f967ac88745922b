import type { Grey } from './picture'

/** The published window and constants (Wang, Bovik, Sheikh & Simoncelli 2004): a Gaussian of 11 × 11 with σ 1.5, for values of 0 to 1. */
const SIDE = 11
const HALF = (SIDE - 1) / 2
const SIGMA = 1.5
const C1 = 0.01 ** 2
const C2 = 0.03 ** 2

const WEIGHTS = (() => {
  const raw = Array.from({ length: SIDE }, (_, i) => Math.exp(-((i - HALF) ** 2) / (2 * SIGMA ** 2)))
  const all = raw.reduce((sum, value) => sum + value, 0)
  return Float64Array.from(raw, (value) => value / all)
})()

/** Windowed means of a field, only where the whole window lies in it. */
function windowed(width: number, height: number, field: Float32Array): Float32Array {
  const [w, h] = [width - SIDE + 1, height - SIDE + 1]
  const across = new Float32Array(w * height)
  const out = new Float32Array(w * h)
  // The window is the same to either side of its middle, and written out: this is where the time goes.
  const [w0, w1, w2, w3, w4, w5] = WEIGHTS
  for (let y = 0; y < height; y++) {
    for (let x = 0, i = y * w, at = y * width + HALF; x < w; x++, i++, at++)
      across[i] =
        w5 * field[at] +
        w4 * (field[at - 1] + field[at + 1]) +
        w3 * (field[at - 2] + field[at + 2]) +
        w2 * (field[at - 3] + field[at + 3]) +
        w1 * (field[at - 4] + field[at + 4]) +
        w0 * (field[at - 5] + field[at + 5])
  }
  const [one, two, three, four, five] = [w, 2 * w, 3 * w, 4 * w, 5 * w]
  for (let i = 0, at = HALF * w; i < out.length; i++, at++)
    out[i] =
      w5 * across[at] +
      w4 * (across[at - one] + across[at + one]) +
      w3 * (across[at - two] + across[at + two]) +
      w2 * (across[at - three] + across[at + three]) +
      w1 * (across[at - four] + across[at + four]) +
      w0 * (across[at - five] + across[at + five])
  return out
}

/** Two fields multiplied, place by place. */
function times(one: Float32Array, other: Float32Array): Float32Array {
  const out = new Float32Array(one.length)
  for (let i = 0; i < out.length; i++) out[i] = one[i] * other[i]
  return out
}

/**
 * Structural similarity of two pictures of one size, −1 to 1, place by place: how alike the drawing is, whatever the whole is lighter by.
 *
 * @returns the mean, and the map, smaller by the window: 10 px each way; null where a picture is smaller than the window
 */
export function structuralSimilarity(one: Grey, other: Grey): { mean: number; map: Grey } | null {
  const { width, height, data: a } = one
  const b = other.data
  if (width !== other.width || height !== other.height)
    throw new RangeError('Both pictures must be of one size.')
  if (Math.min(width, height) < SIDE) return null
  const [ma, mb, aa, bb, ab] = [a, b, times(a, a), times(b, b), times(a, b)].map((field) =>
    windowed(width, height, field),
  )
  let sum = 0
  // The first field is written over: it is read at a place before the place is written.
  for (let i = 0; i < ma.length; i++) {
    const [x, y] = [ma[i], mb[i]]
    ma[i] =
      ((2 * x * y + C1) * (2 * (ab[i] - x * y) + C2)) /
      ((x * x + y * y + C1) * (aa[i] - x * x + bb[i] - y * y + C2))
    sum += ma[i]
  }
  return { mean: sum / ma.length, map: { width: width - SIDE + 1, height: height - SIDE + 1, data: ma } }
}
