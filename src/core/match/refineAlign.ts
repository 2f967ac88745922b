import { PairSums } from '../stats/pairSums'
import { solveLinear } from '../linear/solveLinear'
import { softened, type Grey } from './picture'
import type { Similarity } from './similarity'

/** Longest side of the coarsest level, px, and of the finest that is used: beyond it the answer is sharper than a print is. */
const COARSEST = 160
const FINEST = 2600
const MOST_STEPS = 14
/** A step that moves no corner farther than this, px of its level, ends the level. */
const SETTLED = 0.003
/** Points a level is judged by. */
const MOST_POINTS = 120_000
/** Tukey's constant: 95 % as good as least squares where nothing is damaged (Huber & Ronchetti, Robust Statistics). */
const TUKEY = 4.685
/** What differs by less than this in lightness always has a say: a line's edge a fraction of a pixel off is no damage. */
const LEAST_BOUND = 0.15

/** How well the two fall together after the last step. */
export interface Refined extends Similarity {
  /** correlation of the impression, carried over, with the reference, −1 to 1; damaged points left out */
  correlation: number
  /** share of points that were judged by */
  used: number
}

interface Sums {
  normal: number[][]
  right: number[]
  residuals: Float32Array
  count: number
}

/** Lays the impression over the reference at every sampled point and sums up what would bring them together. */
function sumUp(
  reference: Grey,
  impression: Grey,
  at: Similarity,
  gain: number,
  offset: number,
  bound: number,
  step: number,
): Sums {
  const { width, height, data } = reference
  const [cx, cy] = [width / 2, height / 2]
  const radius = Math.hypot(cx, cy)
  const [cos, sin] = [Math.cos(at.rotation), Math.sin(at.rotation)]
  const { width: w, height: h, data: other } = impression
  const n = new Float64Array(36)
  const r = new Float64Array(6)
  const residuals = new Float32Array(Math.ceil(width / step) * Math.ceil(height / step))
  let count = 0
  // The reference's gradients carried over (Baker & Matthews 2004): those between the impression's pixels jump from one to the next, and steps go to and fro over them.
  const [along, across] = [(gain * cos) / (2 * at.scale), (gain * sin) / (2 * at.scale)]
  const first = Math.max(1, step >> 1)
  for (let y = first; y < height - 1; y += step) {
    const dy = y + 0.5 - cy
    for (let x = first; x < width - 1; x += step) {
      const dx = x + 0.5 - cx
      const rx = cos * dx - sin * dy
      const ry = sin * dx + cos * dy
      const px = cx + at.shiftX + at.scale * rx - 0.5
      const py = cy + at.shiftY + at.scale * ry - 0.5
      const i = Math.floor(px)
      const j = Math.floor(py)
      if (i < 0 || j < 0 || i >= w - 1 || j >= h - 1) continue
      const fx = px - i
      const fy = py - j
      const k = j * w + i
      const value =
        (other[k] * (1 - fx) + other[k + 1] * fx) * (1 - fy) +
        (other[k + w] * (1 - fx) + other[k + w + 1] * fx) * fy
      const here = y * width + x
      const seen = data[here]
      const right = data[here + 1] - data[here - 1]
      const down = data[here + width] - data[here - width]
      const gx = along * right - across * down
      const gy = across * right + along * down
      const residual = gain * seen + offset - value
      residuals[count++] = Math.abs(residual)
      const share = residual / bound
      if (share * share >= 1) continue
      const weight = (1 - share * share) ** 2
      const turned = (at.scale * (gy * rx - gx * ry)) / radius
      const grown = (gx * rx + gy * ry) / radius
      const target = weight * residual
      const wx = weight * gx
      const wy = weight * gy
      const wt = weight * turned
      const wg = weight * grown
      const ws = weight * seen
      // The upper triangle of the normal equations, written out: this is where the time goes.
      n[0] += wx * gx
      n[1] += wx * gy
      n[2] += wx * turned
      n[3] += wx * grown
      n[4] -= wx * seen
      n[5] -= wx
      n[7] += wy * gy
      n[8] += wy * turned
      n[9] += wy * grown
      n[10] -= wy * seen
      n[11] -= wy
      n[14] += wt * turned
      n[15] += wt * grown
      n[16] -= wt * seen
      n[17] -= wt
      n[21] += wg * grown
      n[22] -= wg * seen
      n[23] -= wg
      n[28] += ws * seen
      n[29] += ws
      n[35] += weight
      r[0] += gx * target
      r[1] += gy * target
      r[2] += turned * target
      r[3] += grown * target
      r[4] -= seen * target
      r[5] -= target
    }
  }
  const normal = Array.from({ length: 6 }, (_, p) =>
    Array.from({ length: 6 }, (_, q) => (q >= p ? n[p * 6 + q] : n[q * 6 + p])),
  )
  return { normal, right: [...r], residuals: residuals.subarray(0, count), count }
}

/** Values a middle is taken from: enough for a bound. */
const SAMPLE = 4000

/** The middle of many values, from a sample of them. */
function middle(values: Float32Array): number {
  const stride = Math.max(1, Math.floor(values.length / SAMPLE))
  const sample = new Float32Array(Math.ceil(values.length / stride))
  for (let i = 0; i < sample.length; i++) sample[i] = values[i * stride]
  return sample.sort()[sample.length >> 1] ?? 0
}

/** Correlation of the two over the points that were judged by. */
function correlationOf(
  reference: Grey,
  impression: Grey,
  at: Similarity,
  gain: number,
  offset: number,
  bound: number,
  step: number,
): { correlation: number; used: number } {
  const { width, height, data } = reference
  const [cos, sin] = [at.scale * Math.cos(at.rotation), at.scale * Math.sin(at.rotation)]
  const sums = new PairSums()
  let all = 0
  for (let y = step >> 1; y < height; y += step) {
    for (let x = step >> 1; x < width; x += step) {
      const dx = x + 0.5 - width / 2
      const dy = y + 0.5 - height / 2
      const i = Math.floor(width / 2 + at.shiftX + cos * dx - sin * dy)
      const j = Math.floor(height / 2 + at.shiftY + sin * dx + cos * dy)
      if (i < 0 || j < 0 || i >= impression.width || j >= impression.height) continue
      all += 1
      const a = data[y * width + x]
      const b = impression.data[j * impression.width + i]
      if (Math.abs(gain * a + offset - b) > bound) continue
      sums.add(a, b)
    }
  }
  return { correlation: sums.correlation, used: all > 0 ? sums.count / all : 0 }
}

/**
 * Sharpens a rough alignment by the pictures' own lightness, from coarse to fine: at every level Gauss–Newton steps in shift, turn and
 * size, together with a gain and an offset for the tone (Lucas & Kanade 1981; Evangelidis & Psarakis 2008), each point weighted by
 * Tukey's biweight so that what is damaged has no say.
 *
 * @param references the reference at full, half, a quarter, … size (`pyramidOf`); @param impressions likewise
 */
export function refineAlignment(
  references: readonly Grey[],
  impressions: readonly Grey[],
  start: Similarity,
): Refined {
  const longest = (level: number) =>
    Math.max(
      references[level].width,
      references[level].height,
      impressions[level].width,
      impressions[level].height,
    )
  let coarsest = 0
  while (coarsest < Math.min(references.length, impressions.length) - 1 && longest(coarsest) > COARSEST)
    coarsest += 1
  let at: Similarity = { ...start }
  let [gain, offset] = [1, 0]
  let last = { correlation: 0, used: 0 }
  for (let level = coarsest; level >= 0; level--) {
    // The coarsest level always counts; a finer one only while it can still sharpen the answer.
    if (level < coarsest && Math.max(references[level].width, references[level].height) > FINEST) break
    const ours = softened(softened(references[level]))
    const theirs = softened(softened(impressions[level]))
    const times = 2 ** level
    let here: Similarity = { ...at, shiftX: at.shiftX / times, shiftY: at.shiftY / times }
    const step = Math.max(1, Math.round(Math.sqrt((ours.width * ours.height) / MOST_POINTS)))
    const radius = Math.hypot(ours.width / 2, ours.height / 2)
    let bound = Infinity
    for (let turn = 0; turn < MOST_STEPS; turn++) {
      const { normal, right, residuals, count } = sumUp(
        ours,
        theirs,
        here,
        gain,
        offset,
        bound === Infinity ? 1e6 : bound,
        step,
      )
      if (count < 50) break
      const moved = solveLinear(normal, right)
      bound = Math.max(LEAST_BOUND, TUKEY * 1.4826 * middle(residuals))
      if (!moved) break
      here = {
        shiftX: here.shiftX + moved[0],
        shiftY: here.shiftY + moved[1],
        rotation: here.rotation + moved[2] / radius,
        scale: here.scale + moved[3] / radius,
      }
      gain += moved[4]
      offset += moved[5]
      if (turn > 1 && Math.hypot(moved[0], moved[1]) + Math.abs(moved[2]) + Math.abs(moved[3]) < SETTLED)
        break
    }
    at = { ...here, shiftX: here.shiftX * times, shiftY: here.shiftY * times }
    last = correlationOf(ours, theirs, here, gain, offset, Number.isFinite(bound) ? bound : 1, step)
  }
  return { ...at, ...last }
}
