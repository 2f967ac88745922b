import { solveLinear } from '@/core/linear/solveLinear'
import type { Rgb } from '@/core/match/picture'
import { FRAME, GREY_STRIP, PATCHES, type StripBox } from '@/core/match/strip/greyStrip'
import { noiseAt, normal, sequence } from './chance'
import { FINE, SHEET } from './plates'
import type { Sheet } from './prints'

type Spot = readonly [number, number]

/** How a picture is taken. Lengths in mm, spreads in px of the picture. */
export interface Taking {
  /** px/mm about the middle */
  scale: number
  /** what is seen round the sheet, mm; less than 0: the frame cuts the sheet, at the right */
  roundMm: number
  rightMm?: number
  bottomMm?: number
  /** how far the sheet's edges fall short here and there, as a deckle does, and how much of its lower right corner is lifted out of sight, mm */
  deckleMm?: number
  curledMm?: number
  /** whether its file says its scale, as a scanner's does */
  isScaleKnown?: boolean
  /** corners of the sheet moved by so much at most: a camera that is not held level */
  tiltMm: number
  turnDegrees: number
  /** by how many quarters the sheet was laid round on the glass, clockwise */
  quarters?: number
  ground: 'dark' | 'white' | 'wood' | 'sheet'
  /** barrel of the lens: share at the picture's corner */
  barrel: number
  spread: number
  noise: number
  /** light that falls off across, and towards the corners, as shares */
  slope: number
  vignette: number
  /** colour of the lamp */
  lamp: readonly [number, number, number]
  exposure: number
  shadow?: boolean
  glare?: boolean
  /** how much its device raises the contrast: what a tone is moved by at a quarter of the way */
  contrast?: number
  /** where a grey strip lies: its left top corner on the sheet's own measure, mm, and how it is turned */
  strip?: { leftMm: number; topMm: number; turnDegrees: number }
}

export const FLATBED: Taking = {
  scale: 5,
  roundMm: 6,
  tiltMm: 0,
  turnDegrees: 0.4,
  ground: 'dark',
  barrel: 0,
  spread: 0.6,
  noise: 0.004,
  slope: 0,
  vignette: 0,
  lamp: [1, 1, 1],
  exposure: 1.08,
  isScaleKnown: true,
}
export const PHONE: Taking = {
  ...FLATBED,
  roundMm: 14,
  tiltMm: 4,
  turnDegrees: 2,
  barrel: 0.002,
  spread: 0.8,
  noise: 0.008,
  slope: 0.08,
  vignette: 0.12,
  exposure: 1,
  isScaleKnown: false,
}

/** White of a printer's paper, and what its black leaves of it; greys come out darker than they were meant, as points of toner spread. */
const OFFICE = [0.87, 0.88, 0.9]
const TONER = 0.045
const SPREADING = 0.75
const isInBox = ({ leftMm, topMm, widthMm, heightMm }: StripBox, x: number, y: number) =>
  x > leftMm && x < leftMm + widthMm && y > topMm && y < topMm + heightMm

/** What is seen of the strip at a place; null: it does not reach there. */
function stripAt({ strip }: Taking, x: number, y: number): Spot3 | null {
  if (!strip) return null
  const turn = (strip.turnDegrees * Math.PI) / 180
  const [dx, dy] = [x - strip.leftMm, y - strip.topMm]
  // As it is cut, and from there by its frame.
  const [u, v] = [dx * Math.cos(turn) + dy * Math.sin(turn), dy * Math.cos(turn) - dx * Math.sin(turn)]
  const { widthMm, heightMm, rimMm, frameMm, field, blacks } = GREY_STRIP
  if (u < 0 || v < 0 || u > widthMm || v > heightMm) return null
  const [p, q] = [u - rimMm, v - rimMm]
  const within = Math.min(p, q, FRAME.widthMm - p, FRAME.heightMm - q)
  const patch = PATCHES.findIndex((one) => isInBox(one.patch, p, q))
  const onField = patch < 0 ? field : blacks[patch]
  const black = within < 0 ? 0 : (within < frameMm ? 1 : onField) ** SPREADING
  return OFFICE.map((white) => white * (1 - black * (1 - TONER))) as unknown as Spot3
}

/** What lies under and round the sheet. */
function groundAt(ground: Taking['ground'], x: number, y: number, seed: number): Spot3 {
  // A sheet on something light throws a narrow shadow to the right and below.
  const beyond = Math.max(x - SHEET.widthMm, y - SHEET.heightMm)
  const shade = beyond > 0 ? 1 - 0.12 * Math.exp(-beyond / 0.8) : 1
  if (ground === 'white') return [0.84 * shade, 0.84 * shade, 0.83 * shade]
  if (ground === 'sheet') return [0.8 * shade, 0.79 * shade, 0.76 * shade]
  if (ground === 'wood') {
    const grain = 0.75 + 0.5 * noiseAt(x / 40, y * 1.2, seed)
    return [0.42 * grain, 0.27 * grain, 0.15 * grain]
  }
  return [0.035, 0.035, 0.035]
}
/** Whether there is still paper so near the sheet's edge: a deckle falls short of it, each side in its own way, and a curled corner is out of sight. */
function isPaper({ deckleMm = 0, curledMm = 0 }: Taking, x: number, y: number, seed: number): boolean {
  const [toRight, toBottom] = [SHEET.widthMm - x, SHEET.heightMm - y]
  if (toRight + toBottom < curledMm) return false
  if (deckleMm === 0) return true
  const short = (along: number, side: number) => deckleMm * noiseAt(along / 3, side, seed + side)
  return x > short(y, 1) && toRight > short(y, 2) && y > short(x, 3) && toBottom > short(x, 4)
}
type Spot3 = readonly [number, number, number]

const encoded = (value: number) =>
  255 * (value <= 0.0031308 ? 12.92 * value : 1.055 * value ** (1 / 2.4) - 0.055)

/** Eight numbers of the projection that carries four places to four others: (ax + by + c, dx + ey + f)/(gx + hy + 1). */
function projection(from: readonly Spot[], to: readonly Spot[]): number[] {
  const rows = from.flatMap(([x, y], i) => [
    [x, y, 1, 0, 0, 0, -x * to[i][0], -y * to[i][0]],
    [0, 0, 0, x, y, 1, -x * to[i][1], -y * to[i][1]],
  ])
  return solveLinear(
    rows,
    to.flatMap(([x, y]) => [x, y]),
  )!
}

/** A picture of a sheet. */
export function taken(sheet: Sheet, how: Taking, seed: number): Rgb {
  const next = sequence(seed)
  const right = how.rightMm ?? how.roundMm
  const width = Math.round((SHEET.widthMm + how.roundMm + right) * how.scale)
  const height = Math.round((SHEET.heightMm + how.roundMm + (how.bottomMm ?? how.roundMm)) * how.scale)
  const [c, s] = [Math.cos((how.turnDegrees * Math.PI) / 180), Math.sin((how.turnDegrees * Math.PI) / 180)]
  const corners: Spot[] = [
    [0, 0],
    [SHEET.widthMm, 0],
    [SHEET.widthMm, SHEET.heightMm],
    [0, SHEET.heightMm],
  ]
  const [mx, my] = [SHEET.widthMm / 2, SHEET.heightMm / 2]
  const lie = corners.map(([x, y]): Spot => {
    const [u, v] = [x - mx + how.tiltMm * (next() - 0.5), y - my + how.tiltMm * (next() - 0.5)]
    return [(how.roundMm + mx + u * c - v * s) * how.scale, (how.roundMm + my + u * s + v * c) * how.scale]
  })
  const [a, b, e, d, f, g, h, k] = projection(lie, corners)
  const raw = new Float32Array(3 * width * height)
  const glareAt = [0.3 * SHEET.widthMm, 0.3 * SHEET.heightMm]
  for (let row = 0; row < height; row++) {
    for (let column = 0; column < width; column++) {
      // The lens first, as round as lenses are: what is seen at a place came from a little farther out.
      const [nx, ny] = [(2 * column) / width - 1, (2 * row) / height - 1]
      const out = 1 + (how.barrel * 2 * ((nx * width) ** 2 + (ny * height) ** 2)) / (width ** 2 + height ** 2)
      const [px, py] = [((nx * out + 1) * width) / 2, ((ny * out + 1) * height) / 2]
      const far = h * px + k * py + 1
      const [x, y] = [(a * px + b * py + e) / far, (d * px + f * py + g) / far]
      let lit = how.exposure * (1 + how.slope * nx - how.vignette * (nx * nx + ny * ny) * 0.5)
      if (how.shadow) {
        const deep = (x - 0.62 * SHEET.widthMm + 0.25 * y) / 6
        lit *= 1 - 0.38 / (1 + Math.exp(-deep))
      }
      const glare = how.glare
        ? 0.5 * Math.exp(-(((x - glareAt[0]) / 16) ** 2) - ((y - glareAt[1]) / 12) ** 2)
        : 0
      const at = 3 * (row * width + column)
      const [i, j] = [x * FINE - 0.5, y * FINE - 0.5]
      const [u, v] = [Math.floor(i), Math.floor(j)]
      const isOn = u >= 0 && v >= 0 && u < sheet.width - 1 && v < sheet.height - 1 && isPaper(how, x, y, seed)
      const ground = isOn ? null : (stripAt(how, x, y) ?? groundAt(how.ground, x, y, seed))
      const [p, q] = [i - u, j - v]
      for (let channel = 0; channel < 3; channel++) {
        const from = 3 * (v * sheet.width + u) + channel
        const below = from + 3 * sheet.width
        const value = ground
          ? ground[channel]
          : (sheet.light[from] * (1 - p) + sheet.light[from + 3] * p) * (1 - q) +
            (sheet.light[below] * (1 - p) + sheet.light[below + 3] * p) * q
        raw[at + channel] = (value * lit + glare) * how.lamp[channel]
      }
    }
  }
  const soft = spreadOut(raw, width, height, how.spread)
  const data = new Uint8Array(raw.length)
  const quarters = how.quarters ?? 0
  const [wide, tall] = quarters % 2 === 0 ? [width, height] : [height, width]
  /** Where a pixel lies in the picture of the sheet laid round. */
  const pixelAt = (column: number, row: number) => {
    const [x, y] = [
      [column, row],
      [height - 1 - row, column],
      [width - 1 - column, height - 1 - row],
      [row, width - 1 - column],
    ][quarters]
    return y * wide + x
  }
  for (let i = 0; i < data.length; i++) {
    const value = soft[i] + how.noise * Math.sqrt(Math.max(0, soft[i]) + 0.02) * normal(next)
    const tone = encoded(Math.min(1, Math.max(0, value))) / 255
    const pixel = Math.floor(i / 3)
    const at = 3 * pixelAt(pixel % width, Math.floor(pixel / width)) + (i % 3)
    data[at] = Math.round(255 * (tone - ((how.contrast ?? 0) * Math.sin(2 * Math.PI * tone)) / (2 * Math.PI)))
  }
  return { width: wide, height: tall, data, ...(how.isScaleKnown && { pixelsPerMm: how.scale }) }
}

/** Spread by a normal law. */
function spreadOut(raw: Float32Array, width: number, height: number, sigma: number): Float32Array {
  const reach = Math.ceil(3 * sigma)
  const weights = Array.from({ length: 2 * reach + 1 }, (_, i) =>
    Math.exp(-((i - reach) ** 2) / (2 * sigma ** 2)),
  )
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  const pass = (from: Float32Array, dx: number, dy: number) => {
    const to = new Float32Array(from.length)
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++)
        for (let n = -reach; n <= reach; n++) {
          const u = Math.min(width - 1, Math.max(0, x + dx * n))
          const v = Math.min(height - 1, Math.max(0, y + dy * n))
          for (let c = 0; c < 3; c++)
            to[3 * (y * width + x) + c] += (weights[n + reach] / total) * from[3 * (v * width + u) + c]
        }
    return to
  }
  return pass(pass(raw, 1, 0), 0, 1)
}
