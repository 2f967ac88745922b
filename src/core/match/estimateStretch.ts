import { solveLinear } from '../linear/solveLinear'
import type { Box } from './findPlate'
import type { Grey } from './picture'
import { refineAlignment } from './refineAlign'

/** What a damp sheet grew by, each way, as a share; from the plate's middle. */
export interface Stretch { x: number; y: number }
export const NO_STRETCH: Stretch = { x: 0, y: 0 }

/** Blocks a side the plate is divided into, and blocks that must agree before anything is said. */
const SIDE = 5
const FEWEST = 8
/** A block whose drawing agrees less than this, or moved farther than so many px, says nothing. */
const ALIKE = 0.6
const FARTHEST = 8
/** Less than this, as a share, is the measuring. */
const LEAST = 2e-4

function block({ width, data }: Grey, left: number, top: number, w: number, h: number): Grey {
  const out = new Float32Array(w * h)
  for (let y = 0; y < h; y++) out.set(data.subarray((top + y) * width + left, (top + y) * width + left + w), y * w)
  return { width: w, height: h, data: out }
}

/** Slope of shifts over places by least squares; 0 where they all lie at one place. */
function slopeOf(points: readonly { at: number; shift: number }[]): number {
  const solved = solveLinear(
    [[points.length, points.reduce((sum, { at }) => sum + at, 0)], [points.reduce((sum, { at }) => sum + at, 0), points.reduce((sum, { at }) => sum + at * at, 0)]],
    [points.reduce((sum, { shift }) => sum + shift, 0), points.reduce((sum, { at, shift }) => sum + at * shift, 0)],
  )
  return solved?.[1] ?? 0
}

/**
 * What is left of a stretch after two prints were laid over one another as a whole: every block of the plate is laid over by itself, and
 * its shift grows with its place where the sheet is wider or taller. Paper grows more across its grain than along it.
 *
 * @param laid the impression in the reference's frame
 */
export function estimateStretch(reference: Grey, laid: Grey, plate: Box): Stretch {
  const [w, h] = [Math.floor(plate.width / SIDE), Math.floor(plate.height / SIDE)]
  if (Math.min(w, h) < 24) return NO_STRETCH
  const across: { at: number; shift: number }[] = []
  const down: { at: number; shift: number }[] = []
  for (let row = 0; row < SIDE; row++) {
    for (let column = 0; column < SIDE; column++) {
      const [left, top] = [Math.round(plate.left + column * w), Math.round(plate.top + row * h)]
      if (left < 0 || top < 0 || left + w > reference.width || top + h > reference.height) continue
      const { shiftX, shiftY, correlation } = refineAlignment([block(reference, left, top, w, h)], [block(laid, left, top, w, h)], { shiftX: 0, shiftY: 0, rotation: 0, scale: 1 })
      if (!(correlation > ALIKE) || Math.hypot(shiftX, shiftY) > FARTHEST) continue
      across.push({ at: left + w / 2 - plate.left - plate.width / 2, shift: shiftX })
      down.push({ at: top + h / 2 - plate.top - plate.height / 2, shift: shiftY })
    }
  }
  if (across.length < FEWEST) return NO_STRETCH
  const [x, y] = [slopeOf(across), slopeOf(down)]
  return { x: Math.abs(x) < LEAST ? 0 : x, y: Math.abs(y) < LEAST ? 0 : y }
}
