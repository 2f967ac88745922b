import { fastDeltaE00 } from '../colour/fastDeltaE00'
import { srgbToLabMap } from '../colour/srgbToLabMap'
import { evened, laidOver, quantiles } from './differences'
import {
  addDeformation,
  estimateDeformation,
  farthestMove,
  noDeformation,
  settled,
  type Deformation,
} from './deformation'
import type { Box } from './findPlate'
import { greyOf, softened, type Rgb } from './picture'
import type { Similarity } from './similarity'

/** Both prints in the reference's frame, pixel by pixel: the whole picture given, of which the plate is a part. */
export interface JudgedPlate {
  width: number
  height: number
  pixelsPerMm: number
  /** the plate mark within the picture, px */
  plate: Box
  /** L*a*b*, three numbers a pixel */
  reference: Float32Array
  impression: Float32Array
  /** lightness of the reference's paper, L* */
  paper: number
  /** how much darker than the paper, L*, 0 where it is as light */
  referenceInk: Float32Array
  impressionInk: Float32Array
  /** 1 where the impression reaches */
  seen: Uint8Array
  /** ΔE00, −1 where the impression does not reach */
  deltaE: Float32Array
  /** what the impression's sheet grew and bent by beyond its size */
  deformation: Deformation
  /** whether enough of the drawing could be followed to say how the sheet grew */
  isGrowthMeasured: boolean
}

/** Lightness most of a picture's brightest part has: its paper. */
const PAPER_SHARE = 0.9

/** The blocks are measured where they were laid: once more from there, what the first look was off by is gone. A look that moves nothing farther than so many px is the last. */
const PASSES = 3
const SETTLED_PX = 0.15

function inkOf(lab: Float32Array, paper: number): Float32Array {
  const ink = new Float32Array(lab.length / 3)
  for (let i = 0; i < ink.length; i++) ink[i] = Math.max(0, paper - lab[3 * i])
  return ink
}

/** Whether two deformations are one: told of those that do not bend alone, which most sheets do not. */
const isSame = (one: Deformation, other: Deformation) =>
  !one.bend && !other.bend && one.stretch.x === other.stretch.x && one.stretch.y === other.stretch.y

/** A plate that is laid over, before its colours are held against one another. */
export type LaidPlate = Omit<JudgedPlate, 'deltaE'>

/** Holds the colours of both prints against one another. */
export function judged(laid: LaidPlate): JudgedPlate {
  const { reference: one, impression: other, seen } = laid
  const deltaE = new Float32Array(seen.length).fill(-1)
  for (let i = 0, k = 0; i < deltaE.length; i++, k += 3)
    if (seen[i])
      deltaE[i] = fastDeltaE00(one[k], one[k + 1], one[k + 2], other[k], other[k + 1], other[k + 2])
  return { ...laid, deltaE }
}

/**
 * Lays the impression over the reference, what a damp sheet grew and bent by taken out, and turns both into what is judged: colours and ink.
 *
 * @param from what is known of how the sheet grew and bent, to be measured on from there
 */
export function layPlate(
  reference: Rgb,
  impression: Rgb,
  at: Similarity,
  plate: Box,
  pixelsPerMm: number,
  from: Deformation = noDeformation(plate),
): LaidPlate {
  const { width, height } = reference
  const ours = softened(greyOf(reference))
  let deformation = from
  let isGrowthMeasured = false
  let laid = { as: from, ...laidOver(reference, impression, at, from) }
  for (let pass = 0; pass < PASSES; pass++) {
    if (pass > 0) laid = { as: deformation, ...laidOver(reference, impression, at, deformation) }
    const left = estimateDeformation(ours, softened(greyOf({ width, height, data: laid.rgb })), plate)
    // Where too few blocks could be followed nothing is said of a bend either.
    if (left.bend !== null) isGrowthMeasured = true
    deformation = addDeformation(deformation, left)
    if (farthestMove(left) < SETTLED_PX) break
  }
  deformation = settled(deformation)
  const { rgb, seen } = isSame(laid.as, deformation) ? laid : laidOver(reference, impression, at, deformation)
  const one = evened(srgbToLabMap(reference.data), width, height)
  const other = evened(srgbToLabMap(rgb), width, height)
  const lightness = new Float32Array(width * height)
  for (let i = 0; i < lightness.length; i++) lightness[i] = one[3 * i]
  const [paper] = quantiles(lightness, [PAPER_SHARE])
  return {
    width,
    height,
    pixelsPerMm,
    plate,
    paper,
    reference: one,
    impression: other,
    referenceInk: inkOf(one, paper),
    impressionInk: inkOf(other, paper),
    seen,
    deformation,
    isGrowthMeasured,
  }
}
