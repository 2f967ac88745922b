import type { Box } from './findPlate'
import type { Rgb } from './picture'

/** Every so many-th pixel is looked at. */
const EVERY = 7
/** As black or as white as a picture goes, within this; so large a share of a drawing in two tones is, and so much of it is black. */
const END = 8
const TWO_TONES = 0.97
const BLACK = 0.005

/** Whether a picture has black and white and nothing between, as a drawing scanned by threshold. */
export function isTwoTone({ width, height, data }: Rgb): boolean {
  let [all, black, white] = [0, 0, 0]
  for (let p = 0; p < 3 * width * height; p += 3 * EVERY) {
    all += 1
    if (Math.max(data[p], data[p + 1], data[p + 2]) <= END) black += 1
    else if (Math.min(data[p], data[p + 1], data[p + 2]) >= 255 - END) white += 1
  }
  return black >= BLACK * all && black + white >= TWO_TONES * all
}

/** A pixel is as dark as a picture goes where no channel is higher. */
const DARKEST = 2

/** Share of a plate that is as dark as its picture goes: how dark it is beyond that, nobody can tell. @param plate where it is about on the upright sheet, px */
export function darkestShare({ width, height, data }: Rgb, plate: Box): number {
  const [left, top] = [Math.max(0, Math.round(plate.left)), Math.max(0, Math.round(plate.top))]
  const [right, bottom] = [
    Math.min(width, Math.round(plate.left + plate.width)),
    Math.min(height, Math.round(plate.top + plate.height)),
  ]
  let [all, darkest] = [0, 0]
  for (let y = top; y < bottom; y++)
    for (let at = 3 * (y * width + left), end = 3 * (y * width + right); at < end; at += 3) {
      all += 1
      if (data[at] <= DARKEST && data[at + 1] <= DARKEST && data[at + 2] <= DARKEST) darkest += 1
    }
  return all > 0 ? darkest / all : 0
}
