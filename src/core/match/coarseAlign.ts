import { transform, type Complex } from './fourier'
import type { Grey } from './picture'
import type { Similarity } from './similarity'

/** Longest side of the pictures that are searched, px. */
const SEARCHED = 320
/** Side of the field the search runs in, px. */
const SIDE = 128
/** The pictures take this share of the field, so that a shift does not run out of it. */
const SHARE = 0.86
/** What is searched first: turns within ±6° and sizes within ±6 %, each step at most two pixels of the field at its edge, which a damped detail still tells. */
const TURNS = Array.from({ length: 7 }, (_, i) => ((2 * i - 6) * Math.PI) / 180)
const SCALES = Array.from({ length: 4 }, (_, i) => 0.94 + 0.04 * i)
/** What is searched round the best of them: a step that is half as large, either way. */
const NEAR_TURNS = [-Math.PI / 180, 0, Math.PI / 180]
const NEAR_SCALES = [-0.02, 0, 0.02]
/** Fine detail is noise at this size: the cross power is damped beyond this share of the highest frequency. */
const DETAIL = 0.35

/** What lies round a picture: the middle value along its border, which is paper. */
function border({ width, height, data }: Grey): number {
  const values: number[] = []
  for (let x = 0; x < width; x++) values.push(data[x], data[(height - 1) * width + x])
  for (let y = 0; y < height; y++) values.push(data[y * width], data[y * width + width - 1])
  return values.sort((a, b) => a - b)[values.length >> 1]
}

const fade = Float64Array.from({ length: SIDE }, (_, i) => Math.sqrt(Math.sin((Math.PI * (i + 0.5)) / SIDE)))

/** Lays a picture into the field about its middle, turned and scaled, less its paper, and faded out toward the field's edge. */
function lay({ width, height, data }: Grey, perPixel: number, turn: number, paper: number): Complex {
  const field = { re: new Float64Array(SIDE * SIDE), im: new Float64Array(SIDE * SIDE) }
  const cos = Math.cos(turn) / perPixel
  const sin = Math.sin(turn) / perPixel
  for (let v = 0; v < SIDE; v++) {
    for (let u = 0; u < SIDE; u++) {
      const du = u + 0.5 - SIDE / 2
      const dv = v + 0.5 - SIDE / 2
      const x = width / 2 + cos * du + sin * dv - 0.5
      const y = height / 2 - sin * du + cos * dv - 0.5
      const i = Math.floor(x)
      const j = Math.floor(y)
      if (i < 0 || j < 0 || i >= width - 1 || j >= height - 1) continue
      const fx = x - i
      const fy = y - j
      const at = j * width + i
      const value =
        (data[at] * (1 - fx) + data[at + 1] * fx) * (1 - fy) +
        (data[at + width] * (1 - fx) + data[at + width + 1] * fx) * fy
      field.re[v * SIDE + u] = (value - paper) * fade[u] * fade[v]
    }
  }
  transform(field, SIDE)
  return field
}

const damping = Float64Array.from({ length: SIDE * SIDE }, (_, at) => {
  const frequency = (i: number) => (i <= SIDE / 2 ? i : SIDE - i) / (SIDE / 2)
  return Math.exp(-((frequency(at % SIDE) ** 2 + frequency(Math.floor(at / SIDE)) ** 2) / (2 * DETAIL ** 2)))
})

/** The shift at which two fields fall together, px of the field, and how sharply: phase correlation (Kuglin & Hines 1975). */
function correlate(one: Complex, other: Complex): { dx: number; dy: number; peak: number } {
  const cross = { re: new Float64Array(SIDE * SIDE), im: new Float64Array(SIDE * SIDE) }
  for (let i = 0; i < cross.re.length; i++) {
    const re = other.re[i] * one.re[i] + other.im[i] * one.im[i]
    const im = other.im[i] * one.re[i] - other.re[i] * one.im[i]
    const size = Math.sqrt(re * re + im * im)
    if (size < 1e-12) continue
    cross.re[i] = (re / size) * damping[i]
    cross.im[i] = (im / size) * damping[i]
  }
  transform(cross, SIDE, true)
  let best = 0
  for (let i = 1; i < cross.re.length; i++) if (cross.re[i] > cross.re[best]) best = i
  const centred = (i: number) => (i >= SIDE / 2 ? i - SIDE : i)
  return { dx: centred(best % SIDE), dy: centred(Math.floor(best / SIDE)), peak: cross.re[best] }
}

/** Where an impression lies against its reference, roughly. */
export interface CoarseAlignment extends Similarity {
  /** quarter turns clockwise that were taken out of the rotation before the search, 0 to 3 */
  quarterTurns: number
  /** how sharply the two fall together, for comparing one try with another */
  peak: number
}

/**
 * Finds shift, turn and size of an impression against its reference, to about a pixel of a picture of 128: every turn within ±6° of
 * the quarter turns asked for and every size within ±6 % is laid over and phase-correlated, then those round the sharpest, and the sharpest kept.
 *
 * @param quarters quarter turns to try, clockwise
 */
export function alignCoarsely(
  reference: Grey,
  impression: Grey,
  quarters: readonly number[] = [0],
): CoarseAlignment {
  const perPixel =
    (SHARE * SIDE) / Math.max(reference.width, reference.height, impression.width, impression.height)
  const laid = lay(impression, perPixel, 0, border(impression))
  const paper = border(reference)
  const tryOut = (quarterTurns: number, turn: number, scale: number): CoarseAlignment => {
    const rotation = turn + (quarterTurns * Math.PI) / 2
    const { dx, dy, peak } = correlate(lay(reference, perPixel * scale, rotation, paper), laid)
    return {
      quarterTurns,
      rotation,
      scale,
      peak,
      shiftX: (impression.width - reference.width) / 2 + dx / perPixel,
      shiftY: (impression.height - reference.height) / 2 + dy / perPixel,
    }
  }
  const sharpest = (tries: readonly CoarseAlignment[]) =>
    tries.reduce((best, one) => (one.peak > best.peak ? one : best))
  const best = sharpest(
    quarters.flatMap((quarterTurns) =>
      TURNS.flatMap((turn) => SCALES.map((scale) => tryOut(quarterTurns, turn, scale))),
    ),
  )
  const turn = best.rotation - (best.quarterTurns * Math.PI) / 2
  const near = NEAR_TURNS.flatMap((more) =>
    NEAR_SCALES.flatMap((larger) =>
      more === 0 && larger === 0 ? [] : [tryOut(best.quarterTurns, turn + more, best.scale + larger)],
    ),
  )
  return sharpest([best, ...near])
}

/**
 * The rough search on two pyramids, at the first level that is small enough.
 *
 * @returns how the impression lies, px of the pyramids' largest level
 */
export function alignRoughly(
  references: readonly Grey[],
  impressions: readonly Grey[],
  quarters: readonly number[] = [0],
): Similarity {
  const longest = Math.max(...[references[0], impressions[0]].flatMap(({ width, height }) => [width, height]))
  // Both must be equally many times smaller, or a size would be found that is none.
  const level = Math.min(
    references.length - 1,
    impressions.length - 1,
    Math.max(0, Math.ceil(Math.log2(longest / SEARCHED))),
  )
  const { shiftX, shiftY, rotation, scale } = alignCoarsely(references[level], impressions[level], quarters)
  return { shiftX: shiftX * 2 ** level, shiftY: shiftY * 2 ** level, rotation, scale }
}
