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
