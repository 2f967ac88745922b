import type { Box } from './findPlate'
import { cornersOf, homographyOf, mapSpot, type Corners } from './homography'

/** Pixels at a picture's border that are left out: between them and what is beyond nothing is known. */
const BORDER = 2

/** All of a picture. */
export const wholeBox = ({ width, height }: { width: number; height: number }): Box => ({
  left: 0,
  top: 0,
  width,
  height,
})

/**
 * The upright part of a straightened sheet that its picture shows, px; the whole of it where all corners lie in the picture.
 *
 * @param corners of the sheet in the picture @param width of the straightened sheet, px
 */
export function seenBox(
  picture: { width: number; height: number },
  corners: Corners,
  width: number,
  height: number,
): Box {
  const whole = wholeBox({ width, height })
  const isIn = ([x, y]: readonly [number, number]) =>
    x >= -BORDER && y >= -BORDER && x <= picture.width + BORDER && y <= picture.height + BORDER
  if (corners.every(isIn)) return whole
  const back = homographyOf(corners, cornersOf(width, height))
  if (!back) return whole
  const spots = cornersOf(picture.width, picture.height).map((spot) => mapSpot(back, spot))
  // Of the four, two lie to one side of the other two, whichever way the picture stands.
  const inner = (values: number[], most: number): [number, number] => {
    const [, low, high] = values.sort((a, b) => a - b)
    return [Math.ceil(Math.max(0, low + BORDER)), Math.floor(Math.min(most, high - BORDER))]
  }
  const [left, right] = inner(
    spots.map(([x]) => x),
    width,
  )
  const [top, bottom] = inner(
    spots.map(([, y]) => y),
    height,
  )
  return { left, top, width: Math.max(0, right - left), height: Math.max(0, bottom - top) }
}

/** What two boxes have in common. */
export function commonBox(one: Box, other: Box): Box {
  const [left, top] = [Math.max(one.left, other.left), Math.max(one.top, other.top)]
  return {
    left,
    top,
    width: Math.max(0, Math.min(one.left + one.width, other.left + other.width) - left),
    height: Math.max(0, Math.min(one.top + one.height, other.top + other.height) - top),
  }
}
