import { fastDeltaE00 } from '../colour/fastDeltaE00'
import { srgbToLabMap } from '../colour/srgbToLabMap'
import { evened, laidOver, quantiles } from './differences'
import { estimateStretch, NO_STRETCH, type Stretch } from './estimateStretch'
import type { Box } from './findPlate'
import { greyOf, type Rgb } from './picture'
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
  /** how much darker than the paper, L*, 0 where it is as light */
  referenceInk: Float32Array
  impressionInk: Float32Array
  /** 1 where the impression reaches */
  seen: Uint8Array
  /** ΔE00, −1 where the impression does not reach */
  deltaE: Float32Array
  /** what the impression's sheet grew by each way beyond its size, as a share */
  stretch: Stretch
}

/** Lightness most of a picture's brightest part has: its paper. */
const PAPER_SHARE = 0.9

/** The blocks are measured where they were laid: once more from there, what the first look was off by is gone. */
const STRETCH_PASSES = 3

const inkOf = (lab: Float32Array, paper: number) => Float32Array.from({ length: lab.length / 3 }, (_, i) => Math.max(0, paper - lab[3 * i]))

/** Lays the impression over the reference, what a damp sheet grew by taken out, and turns both into what is judged: colours, ink and their difference. */
export function judgePlate(reference: Rgb, impression: Rgb, at: Similarity, plate: Box, pixelsPerMm: number): JudgedPlate {
  const { width, height } = reference
  const ours = greyOf(reference)
  let stretch = NO_STRETCH
  for (let pass = 0; pass < STRETCH_PASSES; pass++) {
    const left = estimateStretch(ours, greyOf({ width, height, data: laidOver(reference, impression, at, stretch).rgb }), plate)
    stretch = { x: stretch.x + left.x, y: stretch.y + left.y }
    if (left.x === 0 && left.y === 0) break
  }
  const { rgb, seen } = laidOver(reference, impression, at, stretch)
  const one = evened(srgbToLabMap(reference.data), width, height)
  const other = evened(srgbToLabMap(rgb), width, height)
  const lightness = Float32Array.from({ length: width * height }, (_, i) => one[3 * i])
  const [paper] = quantiles(lightness, [PAPER_SHARE])
  const deltaE = new Float32Array(width * height).fill(-1)
  for (let i = 0, k = 0; i < deltaE.length; i++, k += 3) if (seen[i]) deltaE[i] = fastDeltaE00(one[k], one[k + 1], one[k + 2], other[k], other[k + 1], other[k + 2])
  return { width, height, pixelsPerMm, plate, reference: one, impression: other, referenceInk: inkOf(one, paper), impressionInk: inkOf(other, paper), seen, deltaE, stretch }
}
