import { decodeSrgb, encodeSrgb } from '../../colour/srgbTransfer'
import { homographyOf, mapSpot, cornersOf, type Corners, type Homography, type Spot } from '../homography'
import type { Rgb } from '../picture'
import { FRAME, PATCHES, type StripBox } from './greyStrip'

/** Three channels, 0 to 255. */
export type Rgb3 = readonly [number, number, number]

/** A patch of the strip in a picture, the field just beside it, and where it lies, px. */
export interface StripReading {
  patch: Rgb3
  field: Rgb3
  at: Spot
}
export interface FoundStrip {
  /** of the frame's outer edge, px, from its pale end */
  corners: Corners
  /** from pale to black */
  readings: readonly StripReading[]
}

/** Longest side the frame is looked for at, px. */
const SEARCHED = 900
/** What is darker than these shares of a picture's light may be the frame: one of them parts it from its field in any light. */
const DARK = [0.5, 0.35, 0.65]
/** The frame is at least so long, as a share of the picture's longest side, and of so many pixels. */
const LEAST_LONG = 0.1
const LEAST_PIXELS = 120
/** Seen at a slant its length to height may be off by such a share. */
const SHAPE = 0.2
/** Share of its box that is black: the frame, without and with what a soft picture adds. */
const FILLED = [0.14, 0.45] as const
/** A patch is no lighter than the one before it, but for noise, and all of them together span so much of their field. */
const NOISE = 6
const SPAN = 0.4
/** Share of a box, across and down, that is looked at, and how many of its pixels at most: every one of them as a rule, since printers make greys of dots, of which no one may count for more. */
const MIDDLE = 0.6
const MOST_PIXELS = 12_000

/** A picture's lightness at every so many-th pixel, 0 to 255. */
function sampled({ width, height, data }: Rgb, step: number) {
  const [w, h] = [Math.floor(width / step), Math.floor(height / step)]
  const grey = new Uint8Array(w * h)
  for (let y = 0; y < h; y++)
    for (let x = 0, at = 3 * y * step * width; x < w; x++, at += 3 * step)
      grey[y * w + x] = (data[at] + 2 * data[at + 1] + data[at + 2]) >> 2
  return { w, h, grey }
}

/** The longer way of a heap of pixels, as a unit vector (principal axis of its second moments). */
function axisOf(pixels: Int32Array, w: number): Spot {
  let [sx, sy, sxx, syy, sxy] = [0, 0, 0, 0, 0]
  for (const i of pixels) {
    const x = i % w
    const y = (i - x) / w
    sx += x
    sy += y
    sxx += x * x
    syy += y * y
    sxy += x * y
  }
  const n = pixels.length
  const turn = Math.atan2(2 * (sxy - (sx * sy) / n), sxx - (sx * sx) / n - (syy - (sy * sy) / n)) / 2
  return [Math.cos(turn), Math.sin(turn)]
}

/** The four pixels of a heap that lie farthest out, clockwise, the long sides first and third. */
function outermost(pixels: Int32Array, w: number): Corners {
  const [c, s] = axisOf(pixels, w)
  const best = [-Infinity, -Infinity, -Infinity, -Infinity]
  const at = [0, 0, 0, 0]
  for (const i of pixels) {
    const x = i % w
    const y = (i - x) / w
    const [u, v] = [x * c + y * s, y * c - x * s]
    const out = [-u - v, u - v, u + v, v - u]
    for (let k = 0; k < 4; k++) {
      if (out[k] <= best[k]) continue
      best[k] = out[k]
      at[k] = i
    }
  }
  return at.map((i) => [(i % w) + 0.5, Math.floor(i / w) + 0.5] as const) as unknown as Corners
}

const long = ([ax, ay]: Spot, [bx, by]: Spot) => Math.hypot(bx - ax, by - ay)

/** Whether a heap of dark pixels has the proportions of the frame. */
function isFrame([a, b, c, d]: Corners, pixels: number, longest: number): boolean {
  const [length, height] = [(long(a, b) + long(d, c)) / 2, (long(a, d) + long(b, c)) / 2]
  if (length < LEAST_LONG * longest || height < 4) return false
  const filled = pixels / (length * height)
  return (
    Math.abs(Math.log((length / height) * (FRAME.heightMm / FRAME.widthMm))) < SHAPE &&
    filled > FILLED[0] &&
    filled < FILLED[1]
  )
}

/** Means of a box of the strip, channel by channel, of light and not of its code: dots that one device sees run together for another. Null: it is not in the picture. */
function lookAt(
  { width, height, data }: Rgb,
  { toPicture, toStrip }: { toPicture: Homography; toStrip: Homography },
  box: StripBox,
): Rgb3 | null {
  const [middleX, middleY] = middleOf(box)
  const [halfX, halfY] = [(MIDDLE * box.widthMm) / 2, (MIDDLE * box.heightMm) / 2]
  const reach = [-1, 1].flatMap((x) =>
    [-1, 1].map((y) => mapSpot(toPicture, [middleX + x * halfX, middleY + y * halfY])),
  )
  const [xs, ys] = [reach.map(([x]) => x), reach.map(([, y]) => y)]
  const [left, right] = [Math.floor(Math.min(...xs)), Math.ceil(Math.max(...xs))]
  const [top, bottom] = [Math.floor(Math.min(...ys)), Math.ceil(Math.max(...ys))]
  if (!(left >= 0 && top >= 0 && right < width && bottom < height)) return null
  const step = Math.max(1, Math.floor(Math.sqrt(((right - left) * (bottom - top)) / MOST_PIXELS)))
  const sums: [number, number, number] = [0, 0, 0]
  let count = 0
  for (let y = top; y <= bottom; y += step) {
    for (let x = left; x <= right; x += step) {
      const [u, v] = mapSpot(toStrip, [x + 0.5, y + 0.5])
      if (Math.abs(u - middleX) > halfX || Math.abs(v - middleY) > halfY) continue
      const at = 3 * (y * width + x)
      for (let channel = 0; channel < 3; channel++) sums[channel] += LIGHT[data[at + channel]]
      count += 1
    }
  }
  return count > 0 ? (sums.map((sum) => 255 * encodeSrgb(sum / count)) as unknown as Rgb3) : null
}
const LIGHT = Float64Array.from({ length: 256 }, (_, value) => decodeSrgb(value / 255))

const middleOf = ({ leftMm, topMm, widthMm, heightMm }: StripBox): Spot => [
  leftMm + widthMm / 2,
  topMm + heightMm / 2,
]
const lightOf = ([r, g, b]: Rgb3) => (r + 2 * g + b) / 4

/** What the patches of a frame look like; null: no strip's. */
function readingsOf(picture: Rgb, corners: Corners): StripReading[] | null {
  const frame = cornersOf(FRAME.widthMm, FRAME.heightMm)
  const [toPicture, toStrip] = [homographyOf(frame, corners), homographyOf(corners, frame)]
  if (!toPicture || !toStrip) return null
  const readings: StripReading[] = []
  for (const { patch, beside } of PATCHES) {
    const [own, above, below] = [patch, ...beside].map((box) => lookAt(picture, { toPicture, toStrip }, box))
    if (!own || !above || !below) return null
    const field = above.map((value, i) => (value + below[i]) / 2) as unknown as Rgb3
    readings.push({ patch: own, field, at: mapSpot(toPicture, middleOf(patch)) })
  }
  const shares = readings.map(({ patch, field }) => lightOf(patch) / Math.max(1, lightOf(field)))
  const falls = shares.every((share, i) => i === 0 || share <= shares[i - 1] + NOISE / 255)
  return falls && shares[0] > 1 && shares[1] < 1 && shares[0] - shares.at(-1)! > SPAN ? readings : null
}

/** The strip within a heap of dark pixels, if they are its frame. */
function stripIn(picture: Rgb, pixels: Int32Array, w: number, step: number): FoundStrip | null {
  const found = outermost(pixels, w)
  if (!isFrame(found, pixels.length, Math.max(picture.width, picture.height) / step)) return null
  const [a, b, c, d] = found.map(([x, y]) => [x * step, y * step] as const)
  for (const corners of [
    [a, b, c, d],
    [c, d, a, b],
  ] as const) {
    const readings = readingsOf(picture, corners)
    if (readings) return { corners, readings }
  }
  return null
}

/**
 * Finds the grey strip in a picture, however it lies: dark pixels that hang together and have its frame's shape, and in them its patches.
 *
 * @returns null where none lies in the picture
 */
export function findStrip(picture: Rgb): FoundStrip | null {
  const step = Math.max(1, Math.ceil(Math.max(picture.width, picture.height) / SEARCHED))
  const { w, h, grey } = sampled(picture, step)
  if (w < 3 || h < 3) return null
  const counts = new Uint32Array(256)
  for (const value of grey) counts[value] += 1
  let [light, above] = [255, 0]
  while (light > 0 && (above += counts[light]) < grey.length / 10) light -= 1
  const heap = new Int32Array(grey.length)
  for (const share of DARK) {
    const bound = share * light
    const isTaken = new Uint8Array(grey.length)
    for (let start = 0; start < grey.length; start++) {
      if (isTaken[start] || grey[start] >= bound) continue
      const { count, isAtBorder } = gathered(grey, w, h, bound, start, isTaken, heap)
      if (isAtBorder || count < LEAST_PIXELS) continue
      const strip = stripIn(picture, heap.subarray(0, count), w, step)
      if (strip) return strip
    }
  }
  return null
}

/** Gathers the dark pixels that hang together with one, by their sides; whether they reach the picture's border. */
function gathered(
  grey: Uint8Array,
  w: number,
  h: number,
  bound: number,
  start: number,
  isTaken: Uint8Array,
  heap: Int32Array,
): { count: number; isAtBorder: boolean } {
  let count = 1
  let isAtBorder = false
  heap[0] = start
  isTaken[start] = 1
  const take = (i: number) => {
    if (isTaken[i] || grey[i] >= bound) return
    isTaken[i] = 1
    heap[count++] = i
  }
  for (let next = 0; next < count; next++) {
    const i = heap[next]
    const x = i % w
    if (x === 0 || x === w - 1 || i < w || i >= (h - 1) * w) isAtBorder = true
    if (x > 0) take(i - 1)
    if (x < w - 1) take(i + 1)
    if (i >= w) take(i - w)
    if (i < (h - 1) * w) take(i + w)
  }
  return { count, isAtBorder }
}
