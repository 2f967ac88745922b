import { fastDeltaE00 } from '../colour/fastDeltaE00'
import { srgbToLabMap } from '../colour/srgbToLabMap'
import { columnPlaces, rowBend, type Deformation } from './deformation'
import type { Rgb } from './picture'
import type { Similarity } from './similarity'

/** A region differs by at least so much, ΔE00, beyond what the whole print differs by, and is at least so large, mm². */
const REGION_DELTA_E = 6
const REGION_MM2 = 0.8
/** Parts nearer to one another than this belong to one region, mm. */
const REGION_GAP_MM = 0.8
const MOST_REGIONS = 60
/** As light as paper, within so much of the sheet's own lightness. */
const PAPER_L = 6

/** What a differing region is, by how it differs: dirt where the reference is paper; paler or darker where it prints; else another colour. */
export type RegionKind = 'foreign-mark' | 'starved' | 'darker' | 'colour'

/** Where an impression differs from its reference, in the reference's frame, mm from its top left corner. */
export interface Region {
  kind: RegionKind
  xMm: number
  yMm: number
  widthMm: number
  heightMm: number
  deltaE00: number
}

export interface Differences {
  deltaE00: { mean: number; p95: number; max: number }
  regions: Region[]
  /** ΔE00 of every judged pixel, −1 where the impression does not reach; for drawing */
  map: { width: number; height: number; mmPerPixel: number; data: Float32Array }
}

/** The impression laid into the reference's frame, what the sheet grew and bent by taken out; where it does not reach, the reference itself stands, and `seen` says so. */
export function laidOver(
  { width, height, data: ours }: Rgb,
  impression: Rgb,
  { shiftX, shiftY, rotation, scale }: Similarity,
  deformation: Deformation | null = null,
): { rgb: Uint8Array; seen: Uint8Array } {
  const rgb = Uint8Array.from(ours)
  const seen = new Uint8Array(width * height)
  const cos = scale * Math.cos(rotation)
  const sin = scale * Math.sin(rotation)
  const { width: w, height: h, data } = impression
  const { stretch, plate } = deformation ?? {
    stretch: { x: 0, y: 0 },
    plate: { left: 0, top: 0, width, height },
  }
  // A sheet is told to grow about the plate's middle: that is where its register is measured.
  const [middleX, middleY] = [plate.left + plate.width / 2, plate.top + plate.height / 2]
  const places = deformation?.bend ? columnPlaces(deformation.plate, width) : null
  for (let y = 0; y < height; y++) {
    const bent = deformation?.bend ? rowBend(deformation.bend, deformation.plate, y + 0.5) : null
    for (let x = 0; x < width; x++) {
      let dx = x + 0.5 - width / 2 + stretch.x * (x + 0.5 - middleX)
      let dy = y + 0.5 - height / 2 + stretch.y * (y + 0.5 - middleY)
      if (bent && places) {
        const u = places[x]
        dx += bent.x[0] + (bent.x[1] + bent.x[2] * u) * u
        dy += bent.y[0] + (bent.y[1] + bent.y[2] * u) * u
      }
      const px = width / 2 + shiftX + cos * dx - sin * dy - 0.5
      const py = height / 2 + shiftY + sin * dx + cos * dy - 0.5
      const i = Math.floor(px)
      const j = Math.floor(py)
      if (i < 0 || j < 0 || i >= w - 1 || j >= h - 1) continue
      const fx = px - i
      const fy = py - j
      const to = y * width + x
      seen[to] = 1
      const k = 3 * (j * w + i)
      const below = k + 3 * w
      const at = 3 * to
      rgb[at] =
        (data[k] * (1 - fx) + data[k + 3] * fx) * (1 - fy) +
        (data[below] * (1 - fx) + data[below + 3] * fx) * fy +
        0.5
      rgb[at + 1] =
        (data[k + 1] * (1 - fx) + data[k + 4] * fx) * (1 - fy) +
        (data[below + 1] * (1 - fx) + data[below + 4] * fx) * fy +
        0.5
      rgb[at + 2] =
        (data[k + 2] * (1 - fx) + data[k + 5] * fx) * (1 - fy) +
        (data[below + 2] * (1 - fx) + data[below + 5] * fx) * fy +
        0.5
    }
  }
  return { rgb, seen }
}

/** Means of every 3 × 3 square, three numbers a pixel: what single grains of paper and scanner differ by is no difference. */
export function evened(lab: Float32Array, width: number, height: number): Float32Array {
  const across = new Float32Array(lab.length)
  const line = 3 * width
  for (let y = 0; y < height; y++) {
    const row = y * line
    const last = row + line - 3
    for (let k = row + 3; k < last; k++) across[k] = (lab[k - 3] + lab[k] + lab[k + 3]) / 3
    // At the border the pixel itself stands for its missing neighbour.
    for (let c = 0; c < 3; c++) {
      across[row + c] = (2 * lab[row + c] + lab[row + c + 3]) / 3
      across[last + c] = (2 * lab[last + c] + lab[last + c - 3]) / 3
    }
  }
  const even = new Float32Array(lab.length)
  for (let y = 0; y < height; y++) {
    const above = y > 0 ? -line : 0
    const below = y < height - 1 ? line : 0
    for (let k = y * line, end = k + line; k < end; k++)
      even[k] = (across[k + above] + across[k] + across[k + below]) / 3
  }
  return even
}

/** Values are told apart in steps of this when their shares are counted. */
const STEP = 0.02

/** The values below which shares of the values lie, to a step; negative values are left out. */
export function quantiles(values: Float32Array, shares: readonly number[]): number[] {
  const counts = new Uint32Array(Math.ceil(120 / STEP) + 1)
  let all = 0
  const last = counts.length - 1
  for (let i = 0; i < values.length; i++) {
    const value = values[i]
    if (value < 0) continue
    const step = (value / STEP) | 0
    counts[step < last ? step : last] += 1
    all += 1
  }
  return shares.map((share) => {
    let below = 0
    const at = counts.findIndex((count) => (below += count) > share * all)
    return at < 0 ? 0 : (at + 0.5) * STEP
  })
}

/** Connected parts of a mask, those nearer than `gap` pixels taken together; each as the places of its own pixels. */
export function partsOf(mask: Uint8Array, width: number, height: number, gap: number): number[][] {
  const known = new Uint8Array(mask.length)
  const parts: number[][] = []
  for (let start = 0; start < mask.length; start++) {
    if (!mask[start] || known[start]) continue
    const part = [start]
    known[start] = 1
    for (let i = 0; i < part.length; i++) {
      const x = part[i] % width
      const y = (part[i] - x) / width
      for (let v = Math.max(0, y - gap); v <= Math.min(height - 1, y + gap); v++) {
        for (let u = Math.max(0, x - gap); u <= Math.min(width - 1, x + gap); u++) {
          const at = v * width + u
          if (!mask[at] || known[at]) continue
          known[at] = 1
          part.push(at)
        }
      }
    }
    parts.push(part)
  }
  return parts
}

/**
 * Lays an impression over its reference and says where and by how much it differs.
 *
 * @param at how the impression lies, px of the pictures as given; @param dpi of both
 */
export function findDifferences(reference: Rgb, impression: Rgb, at: Similarity, dpi: number): Differences {
  const { rgb, seen } = laidOver(reference, impression, at)
  const { width, height } = reference
  const one = evened(srgbToLabMap(reference.data), width, height)
  const other = evened(srgbToLabMap(rgb), width, height)
  const map = new Float32Array(width * height).fill(-1)
  const lightness = new Float32Array(width * height)
  let sum = 0
  let count = 0
  let max = 0
  for (let i = 0, k = 0; i < map.length; i++, k += 3) {
    lightness[i] = one[k]
    if (!seen[i]) continue
    const difference = fastDeltaE00(one[k], one[k + 1], one[k + 2], other[k], other[k + 1], other[k + 2])
    map[i] = difference
    sum += difference
    count += 1
    if (difference > max) max = difference
  }
  const [middle, p95] = quantiles(map, [0.5, 0.95])
  const [paper] = quantiles(lightness, [0.95])
  const mmPerPixel = 25.4 / dpi
  const bound = middle + REGION_DELTA_E
  const mask = new Uint8Array(map.length)
  for (let i = 0; i < map.length; i++) if (map[i] > bound) mask[i] = 1
  const regions = partsOf(mask, width, height, Math.max(1, Math.round(REGION_GAP_MM / mmPerPixel)))
    .filter((part) => part.length * mmPerPixel ** 2 >= REGION_MM2)
    .map((part): Region => {
      let [left, right, top, bottom] = [width, 0, height, 0]
      let [total, ourL, theirL] = [0, 0, 0]
      for (const i of part) {
        const x = i % width
        const y = (i - x) / width
        left = Math.min(left, x)
        right = Math.max(right, x + 1)
        top = Math.min(top, y)
        bottom = Math.max(bottom, y + 1)
        total += map[i]
        ourL += one[3 * i]
        theirL += other[3 * i]
      }
      const n = part.length
      const lighter = (theirL - ourL) / n
      let kind: RegionKind = ourL / n > paper - PAPER_L ? 'foreign-mark' : 'darker'
      if (lighter > 0) kind = 'starved'
      if (Math.abs(lighter) < total / n / 3) kind = 'colour'
      return {
        kind,
        xMm: left * mmPerPixel,
        yMm: top * mmPerPixel,
        widthMm: (right - left) * mmPerPixel,
        heightMm: (bottom - top) * mmPerPixel,
        deltaE00: total / n,
      }
    })
    .sort((a, b) => b.deltaE00 * b.widthMm * b.heightMm - a.deltaE00 * a.widthMm * a.heightMm)
    .slice(0, MOST_REGIONS)
  return {
    deltaE00: { mean: count > 0 ? sum / count : 0, p95, max },
    regions,
    map: { width, height, mmPerPixel, data: map },
  }
}
