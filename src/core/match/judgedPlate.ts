import { fastDeltaE00 } from '../colour/fastDeltaE00'
import { srgbToLabMap } from '../colour/srgbToLabMap'
import { evened, laidOver, quantiles } from './differences'
import type { Box } from './findPlate'
import type { Rgb } from './picture'
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
}

/** Lightness most of a picture's brightest part has: its paper. */
const PAPER_SHARE = 0.9

const inkOf = (lab: Float32Array, paper: number) => Float32Array.from({ length: lab.length / 3 }, (_, i) => Math.max(0, paper - lab[3 * i]))

/** Lays the impression over the reference and turns both into what is judged: colours, ink and their difference. */
export function judgePlate(reference: Rgb, impression: Rgb, at: Similarity, plate: Box, pixelsPerMm: number): JudgedPlate {
  const { rgb, seen } = laidOver(reference, impression, at)
  const { width, height } = reference
  const one = evened(srgbToLabMap(reference.data), width, height)
  const other = evened(srgbToLabMap(rgb), width, height)
  const lightness = Float32Array.from({ length: width * height }, (_, i) => one[3 * i])
  const [paper] = quantiles(lightness, [PAPER_SHARE])
  const deltaE = new Float32Array(width * height).fill(-1)
  for (let i = 0, k = 0; i < deltaE.length; i++, k += 3) if (seen[i]) deltaE[i] = fastDeltaE00(one[k], one[k + 1], one[k + 2], other[k], other[k + 1], other[k + 2])
  return { width, height, pixelsPerMm, plate, reference: one, impression: other, referenceInk: inkOf(one, paper), impressionInk: inkOf(other, paper), seen, deltaE }
}
