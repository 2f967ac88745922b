import { decodeSrgb } from '../../colour/srgbTransfer'
import { median } from '../../stats/median'
import { cornersOf, homographyOf, mapSpot, type Homography } from '../homography'
import type { Rgb } from '../picture'
import type { FoundStrip } from './findStrip'
import { FRAME } from './greyStrip'

/** Places along each long side of the frame, apart from its corners, at which its outer edge is crossed. */
const PLACES = 24
const CORNERS_MM = 6
/** From the white rim to the middle of the frame's line, mm from its edge, in such steps. */
const FROM_MM = -2
const TO_MM = 1
const STEP_MM = 0.05
const STEPS = Math.round((TO_MM - FROM_MM) / STEP_MM)
/** Of the crossings so many must have been clear. */
const FEWEST = 24

/** Light of one channel between pixels. */
function lightAt(
  { width, height, data }: Rgb,
  x: number,
  y: number,
  light: ArrayLike<number>,
): number | null {
  const [i, j] = [Math.floor(x - 0.5), Math.floor(y - 0.5)]
  if (i < 0 || j < 0 || i >= width - 1 || j >= height - 1) return null
  const [p, q] = [x - 0.5 - i, y - 0.5 - j]
  const at = 3 * (j * width + i) + 1
  const below = at + 3 * width
  return (
    (light[data[at]] * (1 - p) + light[data[at + 3]] * p) * (1 - q) +
    (light[data[below]] * (1 - p) + light[data[below + 3]] * p) * q
  )
}

/** How far the light takes from three quarters to a quarter on one way across the edge, mm; null: it is not clear. @param down which way is into the frame */
function crossing(
  picture: Rgb,
  toPicture: Homography,
  u: number,
  edge: number,
  down: 1 | -1,
  light: ArrayLike<number>,
): number | null {
  const values: number[] = []
  for (let k = 0; k <= STEPS; k++) {
    const [x, y] = mapSpot(toPicture, [u, edge + down * (FROM_MM + k * STEP_MM)])
    const value = lightAt(picture, x, y, light)
    if (value === null) return null
    values.push(value)
  }
  const [high, low] = [Math.max(...values), Math.min(...values)]
  const where = (level: number) => {
    const k = values.findIndex((value) => value <= level)
    return k <= 0 ? null : k - (level - values[k]) / (values[k - 1] - values[k])
  }
  const [most, least] = [where(low + 0.75 * (high - low)), where(low + 0.25 * (high - low))]
  return most === null || least === null ? null : (least - most) * STEP_MM
}

/**
 * How soft a picture is by the edge of the strip's frame, which is printed as sharp in both: from three quarters to a quarter of the light
 * across, mm.
 *
 * @param table what the picture's tones are, of 255, where they were brought to another's @returns null where the edge is not clear
 */
export function frameSpread(picture: Rgb, { corners }: FoundStrip, table?: Uint8Array): number | null {
  const toPicture = homographyOf(cornersOf(FRAME.widthMm, FRAME.heightMm), corners)
  if (!toPicture) return null
  const light = Float64Array.from({ length: 256 }, (_, value) =>
    decodeSrgb((table ? table[value] : value) / 255),
  )
  const found: number[] = []
  for (let i = 0; i < PLACES; i++) {
    const u = CORNERS_MM + ((i + 0.5) / PLACES) * (FRAME.widthMm - 2 * CORNERS_MM)
    for (const [edge, down] of [
      [0, 1],
      [FRAME.heightMm, -1],
    ] as const) {
      const spread = crossing(picture, toPicture, u, edge, down, light)
      if (spread !== null) found.push(spread)
    }
  }
  return found.length < FEWEST ? null : median(found)
}
