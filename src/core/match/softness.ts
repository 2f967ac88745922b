import { decodeSrgb, encodeSrgb } from '../colour/srgbTransfer'
import { srgbToLabMap } from '../colour/srgbToLabMap'
import { evened, quantiles } from './differences'
import type { Rgb } from './picture'

/** Radii of the means whose differences are fine and middle detail, px. */
const FINE = 1
const MIDDLE = 3

/** Means over squares of 2r + 1, by running sums along both ways; beyond the edge the nearest pixel counts. */
function blurred(data: ArrayLike<number>, width: number, height: number, r: number): Float32Array {
  const along = new Float32Array(width * height)
  const n = 2 * r + 1
  const clamp = (i: number, most: number) => Math.min(most, Math.max(0, i))
  // A row with its ends drawn out, so that no place asks whether it lies beyond.
  const drawn = new Float32Array(width + 2 * r + 1)
  for (let y = 0; y < height; y++) {
    const row = y * width
    for (let k = 0; k < drawn.length; k++) drawn[k] = data[row + clamp(k - r, width - 1)]
    let sum = 0
    for (let k = 0; k < n; k++) sum += drawn[k]
    for (let x = 0; x < width; x++) {
      along[row + x] = sum / n
      sum += drawn[x + n] - drawn[x]
    }
  }
  // Row by row with a sum a column, so that memory is gone through in order.
  const out = new Float32Array(width * height)
  const sums = new Float64Array(width)
  for (let k = -r; k <= r; k++)
    for (let x = 0, at = clamp(k, height - 1) * width; x < width; x++, at++) sums[x] += along[at]
  for (let y = 0; y < height; y++) {
    const [comes, goes] = [clamp(y + r + 1, height - 1) * width, clamp(y - r, height - 1) * width]
    for (let x = 0, to = y * width; x < width; x++, to++) {
      out[to] = sums[x] / n
      sums[x] += along[comes + x] - along[goes + x]
    }
  }
  return out
}

/**
 * How crisp a print is drawn in its picture: the energy of its finest detail beside that of middling detail. A paler print has less of both,
 * a picture out of focus less of the finest alone.
 *
 * @param ink darkness pixel by pixel @param seen where it counts @returns 0 and more; 0 where there is no detail
 */
export function crispness(
  ink: ArrayLike<number>,
  width: number,
  height: number,
  seen: ArrayLike<number>,
): number {
  const [fine, middle] = [blurred(ink, width, height, FINE), blurred(ink, width, height, MIDDLE)]
  let [finest, middling] = [0, 0]
  for (let i = 0; i < width * height; i++) {
    if (!seen[i]) continue
    finest += (ink[i] - fine[i]) ** 2
    middling += (fine[i] - middle[i]) ** 2
  }
  return middling > 0 ? finest / middling : 0
}

/** Linear light of an 8-bit sRGB value, and back through as many steps as tell any two values apart. */
const LINEAR = Float32Array.from({ length: 256 }, (_, i) => decodeSrgb(i / 255))
const STEPS = 8192
const BACK = Uint8Array.from({ length: STEPS + 1 }, (_, i) => Math.round(255 * encodeSrgb(i / STEPS)))

/** A picture out of focus: every channel spread by a normal law in linear light, as a lens spreads it. @param sigma px */
export function outOfFocus({ width, height, data }: Rgb, sigma: number): Rgb {
  const reach = Math.ceil(3 * sigma)
  const weights = Float32Array.from({ length: 2 * reach + 1 }, (_, i) =>
    Math.exp(-((i - reach) ** 2) / (2 * sigma * sigma)),
  )
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  for (let i = 0; i < weights.length; i++) weights[i] /= total
  const along = new Float32Array(data.length)
  const out = new Uint8Array(data.length)
  // A row in linear light, its ends drawn out: every tap is then a plain run over it.
  const line = 3 * width
  const light = new Float32Array(line + 6 * reach)
  for (let y = 0; y < height; y++) {
    const row = y * line
    for (let i = 0; i < line; i++) light[3 * reach + i] = LINEAR[data[row + i]]
    for (let k = 0; k < reach; k++)
      for (let c = 0; c < 3; c++) {
        light[3 * k + c] = light[3 * reach + c]
        light[3 * (reach + width + k) + c] = light[3 * (reach + width - 1) + c]
      }
    for (let i = 0; i < line; i++) {
      let sum = 0
      for (let k = 0, from = i; k < weights.length; k++, from += 3) sum += weights[k] * light[from]
      along[row + i] = sum
    }
  }
  const rows = new Int32Array(weights.length)
  for (let y = 0; y < height; y++) {
    for (let k = 0; k < rows.length; k++) rows[k] = line * Math.min(height - 1, Math.max(0, y + k - reach))
    for (let i = 0, to = line * y; i < line; i++, to++) {
      let sum = 0
      for (let k = 0; k < rows.length; k++) sum += weights[k] * along[rows[k] + i]
      out[to] = BACK[(STEPS * sum + 0.5) | 0]
    }
  }
  return { width, height, data: out }
}

/** Side of the part that is looked at to find how far two pictures are apart in focus, px, and how finely. */
const PART = 260
const ROUNDS = 6
const SOFTEST_PX = 4

/** The middle of a picture. */
function middleOf({ width, height, data }: Rgb): Rgb {
  const [w, h] = [Math.min(PART, width), Math.min(PART, height)]
  const [left, top] = [(width - w) >> 1, (height - h) >> 1]
  const out = new Uint8Array(3 * w * h)
  for (let y = 0; y < h; y++)
    out.set(data.subarray(3 * ((top + y) * width + left), 3 * ((top + y) * width + left + w)), 3 * y * w)
  return { width: w, height: h, data: out }
}

/** Share of a picture that is at most as light as its paper. */
const PAPER_SHARE = 0.9

/** Crispness of the middle of a picture as prints are judged: evened a little, and what is as light as the paper has no ink. */
export function crispnessOf(picture: Rgb): number {
  const { width, height, data } = middleOf(picture)
  const lab = evened(srgbToLabMap(data), width, height)
  const lightness = Float32Array.from({ length: width * height }, (_, i) => lab[3 * i])
  const [paper] = quantiles(lightness, [PAPER_SHARE])
  const dark = lightness.map((value) => Math.max(0, paper - value))
  return crispness(dark, width, height, new Uint8Array(width * height).fill(1))
}

/**
 * How far a picture must be put out of focus to keep a share of its crispness, by halving.
 *
 * @param share of what it has now, 0 to 1 @returns standard deviation, px; 0 where it keeps all
 */
export function focusFor(picture: Rgb, share: number): number {
  if (share >= 1) return 0
  const part = middleOf(picture)
  const wanted = share * crispnessOf(part)
  let [low, high] = [0, SOFTEST_PX]
  for (let round = 0; round < ROUNDS; round++) {
    const sigma = (low + high) / 2
    if (crispnessOf(outOfFocus(part, sigma)) > wanted) low = sigma
    else high = sigma
  }
  return (low + high) / 2
}

/** Pictures whose crispness is within this share of one another are as sharp [measured on the scanner's model: 0.92 to 1.10 whatever was printed]. */
const AS_SHARP = 0.88
/** Softer than this no line can be told from its neighbour [measured there: a blur of a third of a millimetre]. */
const TOO_SOFT = 0.5

/** Which of two pictures is the softer, and whether it is too soft to tell lines by; null: they are as sharp. @param asSharp share of one another within which they are */
export function softerOf(
  crisp: Record<'reference' | 'impression', number>,
  asSharp = AS_SHARP,
): {
  softer: 'reference' | 'impression'
  share: number
  isTooSoft: boolean
} | null {
  const [least, most] = [
    Math.min(crisp.reference, crisp.impression),
    Math.max(crisp.reference, crisp.impression),
  ]
  if (most === 0 || least >= asSharp * most) return null
  const softer = crisp.reference < crisp.impression ? 'reference' : 'impression'
  return { softer, share: least / most, isTooSoft: least < TOO_SOFT * most }
}
