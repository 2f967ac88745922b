import type { Box } from './findPlate'
import type { Rgb } from './picture'

/** A part of a picture, cut out along whole pixels. */
export function cropped({ width, data }: Rgb, { left, top, width: w, height: h }: Box): Rgb {
  const out = new Uint8Array(3 * w * h)
  for (let y = 0; y < h; y++)
    out.set(data.subarray(3 * ((top + y) * width + left), 3 * ((top + y) * width + left + w)), 3 * y * w)
  return { width: w, height: h, data: out }
}
