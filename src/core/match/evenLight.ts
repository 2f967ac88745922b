import { solveLinear } from '../linear/solveLinear'
import type { Box } from './findPlate'
import type { Spot } from './homography'
import type { Rgb } from './picture'

/** Every so many-th pixel of the margin is looked at, and what is darker than its paper by this share is dirt, not light. */
const EVERY = 8
const DIRT = 0.06
const ROUNDS = 3

/** A surface of second degree, places in −1…1: a + b·x + c·y + d·x² + e·x·y + f·y². */
type Light = readonly number[]

/** Every so many-th pixel round a plate: its place in −1…1, and where it stands in the picture. */
function marginOf(
  { width, height }: Rgb,
  seen: Box,
  { left, top, width: w, height: h }: Box,
  guard: number,
): { x: number; y: number; at: number }[] {
  const points: { x: number; y: number; at: number }[] = []
  for (let y = seen.top + guard; y < seen.top + seen.height - guard; y += EVERY) {
    for (let x = seen.left + guard; x < seen.left + seen.width - guard; x += EVERY) {
      if (x > left - guard && x < left + w + guard && y > top - guard && y < top + h + guard) continue
      points.push({ x: (2 * x) / width - 1, y: (2 * y) / height - 1, at: 3 * (y * width + x) })
    }
  }
  return points
}

/** Points that a margin and one side of it need to be spoken of. */
const FEWEST = 200
const FEWEST_A_SIDE = 50
/** Terms of a surface of second degree, and of a plane. */
const BENT = 6
const FLAT = 3

/** How many terms of a surface a margin bears: with paper to all sides a bent one, to two or three a plane, which goes on straight where nothing is known; 0: a plate that bleeds leaves too little. */
function termsBorne(points: readonly { x: number; y: number }[], { width, height }: Rgb, plate: Box): number {
  const [left, right] = [plate.left, plate.left + plate.width].map((x) => (2 * x) / width - 1)
  const [top, bottom] = [plate.top, plate.top + plate.height].map((y) => (2 * y) / height - 1)
  const beyond = [0, 0, 0, 0]
  for (const { x, y } of points) {
    if (x < left) beyond[0] += 1
    if (x > right) beyond[1] += 1
    if (y < top) beyond[2] += 1
    if (y > bottom) beyond[3] += 1
  }
  const sides = beyond.filter((count) => count >= FEWEST_A_SIDE).length
  if (points.length < FEWEST || sides < 2) return 0
  return sides === 4 ? BENT : FLAT
}

/** A surface of so many terms through one channel of the margin, 0 to 255, places in −1…1. */
function lightOf(
  data: Rgb['data'],
  points: ReturnType<typeof marginOf>,
  channel: number,
  terms: number,
): Light | null {
  if (terms === 0) return null
  const values = Uint8Array.from(points, ({ at }) => data[at + channel])
  let solved = [values.toSorted()[values.length >> 1], 0, 0, 0, 0, 0]
  const row = Float64Array.of(1, 0, 0, 0, 0, 0)
  for (let round = 0; round < ROUNDS; round++) {
    const n = new Float64Array(36)
    const right = new Float64Array(6)
    const [c0, c1, c2, c3, c4, c5] = solved
    for (let p = 0; p < values.length; p++) {
      const value = values[p]
      const x = points[p].x
      const y = points[p].y
      const held = c0 + (c1 + c3 * x + c4 * y) * x + (c2 + c5 * y) * y
      if (Math.abs(value - held) > DIRT * held * (round === 0 ? 2 : 1)) continue
      row[1] = x
      row[2] = y
      row[3] = x * x
      row[4] = x * y
      row[5] = y * y
      for (let i = 0; i < terms; i++) {
        right[i] += row[i] * value
        for (let j = i; j < terms; j++) n[6 * i + j] += row[i] * row[j]
      }
    }
    const normal = Array.from({ length: terms }, (_, i) =>
      Array.from({ length: terms }, (_, j) => n[6 * Math.min(i, j) + Math.max(i, j)]),
    )
    const next = solveLinear(normal, [...right.subarray(0, terms)])
    if (!next) return null
    solved = [...next, 0, 0, 0].slice(0, BENT)
  }
  return solved
}

/** What the paper of a picture looks like, in the middle of its light. */
export type PaperWhite = readonly [number, number, number]

/**
 * Evens the light of a sheet by its own margin: the paper round the plate is one white, so what falls off there is the lamp, and is
 * taken out everywhere (Gonzalez & Woods, shading correction). Colours are scaled to a white, so that two pictures can be compared.
 *
 * @param white what the paper is brought to; null: its own @param seen what of the sheet was in the picture, px
 * @returns the picture, its paper's own white, how uneven the light was, as a share, and what its paper would look like at any place, beyond the sheet too, px; a sheet without margins is left as it is
 */
export function evenLight(
  picture: Rgb,
  plate: Box,
  pixelsPerMm: number,
  white: PaperWhite | null,
  seen: Box,
): { picture: Rgb; white: PaperWhite | null; fall: number; paperAt: ((at: Spot) => PaperWhite) | null } {
  const guard = Math.round(2.5 * pixelsPerMm)
  const points = marginOf(picture, seen, plate, guard)
  const terms = termsBorne(points, picture, plate)
  const lights = [0, 1, 2].map((channel) => lightOf(picture.data, points, channel, terms))
  const [r, g, b] = lights
  if (!r || !g || !b) return { picture, white: null, fall: 0, paperAt: null }
  const own: PaperWhite = [r[0], g[0], b[0]]
  const to = white ?? own
  const { width, height, data } = picture
  const out = new Uint8Array(data.length)
  let [least, most] = [Infinity, -Infinity]
  for (let y = 0; y < height; y++) {
    const v = (2 * y) / height - 1
    // Along a row a surface is of second degree in x alone.
    const [[r0, r1], [g0, g1], [b0, b1]] = [r, g, b].map((light) => [
      light[0] + light[2] * v + light[5] * v * v,
      light[1] + light[4] * v,
    ])
    for (let x = 0, k = 3 * y * width; x < width; x++, k += 3) {
      const u = (2 * x) / width - 1
      const light = g0 + (g1 + g[3] * u) * u
      if (light < least) least = light
      if (light > most) most = light
      out[k] = Math.min(255, (data[k] * to[0]) / (r0 + (r1 + r[3] * u) * u) + 0.5)
      out[k + 1] = Math.min(255, (data[k + 1] * to[1]) / light + 0.5)
      out[k + 2] = Math.min(255, (data[k + 2] * to[2]) / (b0 + (b1 + b[3] * u) * u) + 0.5)
    }
  }
  const paperAt = ([x, y]: Spot) => {
    const [u, v] = [(2 * x) / width - 1, (2 * y) / height - 1]
    return [r, g, b].map(
      (c) => c[0] + (c[1] + c[3] * u + c[4] * v) * u + (c[2] + c[5] * v) * v,
    ) as unknown as PaperWhite
  }
  return {
    picture: { width, height, data: out },
    white: own,
    fall: most > 0 ? 1 - least / most : 0,
    paperAt,
  }
}
