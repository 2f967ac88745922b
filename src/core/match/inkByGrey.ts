import { quantileOf } from '../stats/quantileOf'
import type { JudgedPlate } from './judgedPlate'

/** Every so many-th pixel of a plate is looked at, and the darkest share of them is its ink. */
const EVERY = 5
const DARKEST = 0.05
/** Colours farther from grey than this are seen darker or lighter by one device than by another [from memory]. */
const GREY = 12

/** Whether a plate is printed in black or grey, which two devices see alike once their greys agree, or in a colour, of which greys tell nothing. */
export function inkByGrey({
  width,
  height,
  plate,
  reference,
  referenceInk,
}: JudgedPlate): 'grey' | 'coloured' {
  const [left, top] = [Math.max(0, Math.round(plate.left)), Math.max(0, Math.round(plate.top))]
  const right = Math.min(width, Math.round(plate.left + plate.width))
  const bottom = Math.min(height, Math.round(plate.top + plate.height))
  const at: number[] = []
  for (let y = top; y < bottom; y += EVERY) for (let x = left; x < right; x += EVERY) at.push(y * width + x)
  if (at.length === 0) return 'coloured'
  const least = quantileOf(
    at.map((i) => referenceInk[i]),
    1 - DARKEST,
  )
  const chromas = at
    .filter((i) => referenceInk[i] >= least)
    .map((i) => Math.hypot(reference[3 * i + 1], reference[3 * i + 2]))
  return quantileOf(chromas, 0.5) < GREY ? 'grey' : 'coloured'
}
