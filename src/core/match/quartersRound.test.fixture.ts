import type { Spot } from './homography'
import type { Rgb } from './picture'

/** A picture as it comes out when what it shows was laid so many quarters further round, clockwise. */
export function quartersRound(picture: Rgb, quarters: number): Rgb {
  if (quarters === 0) return picture
  const { width, height, data } = picture
  const turned = new Uint8Array(data.length)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      for (let c = 0; c < 3; c++)
        turned[3 * (x * height + (height - 1 - y)) + c] = data[3 * (y * width + x) + c]
  return quartersRound({ ...picture, width: height, height: width, data: turned }, quarters - 1)
}

/** Where a spot of it lies then, px. */
export function spotRound(
  [x, y]: Spot,
  { width, height }: Pick<Rgb, 'width' | 'height'>,
  quarters: number,
): Spot {
  return quarters === 0 ? [x, y] : spotRound([height - y, x], { width: height, height: width }, quarters - 1)
}
