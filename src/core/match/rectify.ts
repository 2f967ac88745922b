import { cornersOf, homographyOf, type Corners } from './homography'
import { seenTimes, shrunkLens, type Lens } from './lens'
import { shrunk, type Rgb } from './picture'

/** Beyond a picture by more than so many pixels there is nothing of it; what is shown there. */
const BEYOND = 2
const NOTHING = 200

const NO_LENS: Lens = { middle: [0, 0], radius: 1, bend: 0 }

/**
 * The sheet between four corners of a picture as it would be seen from straight above, bilinear; a picture much finer than what is
 * wanted is made smaller first, so that nothing is skipped over.
 *
 * @param corners without the lens @param lens what bends the picture, if anything
 * @returns null where the corners are no quadrilateral
 */
export function rectify(
  picture: Rgb,
  corners: Corners,
  width: number,
  height: number,
  lens?: Lens | null,
): Rgb | null {
  const longest = Math.max(
    Math.hypot(corners[1][0] - corners[0][0], corners[1][1] - corners[0][1]) / width,
    Math.hypot(corners[3][0] - corners[0][0], corners[3][1] - corners[0][1]) / height,
  )
  const times = Math.max(1, Math.floor(longest))
  const source = shrunk(picture, times)
  const h = homographyOf(
    cornersOf(width, height),
    corners.map(([x, y]) => [x / times, y / times] as const) as unknown as Corners,
  )
  if (!h) return null
  const { width: w, height: tall, data } = source
  const out = new Uint8Array(3 * width * height)
  const {
    middle: [cx, cy],
    radius,
    bend,
  } = lens ? shrunkLens(lens, times) : NO_LENS
  const perRadius = 1 / (radius * radius)
  for (let y = 0; y < height; y++) {
    const my = y + 0.5
    for (let x = 0; x < width; x++) {
      const mx = x + 0.5
      const far = h[6] * mx + h[7] * my + 1
      let sx = (h[0] * mx + h[1] * my + h[2]) / far
      let sy = (h[3] * mx + h[4] * my + h[5]) / far
      if (bend !== 0) {
        const [dx, dy] = [sx - cx, sy - cy]
        const times = seenTimes(bend, (dx * dx + dy * dy) * perRadius)
        sx = cx + dx * times
        sy = cy + dy * times
      }
      if (sx < -BEYOND || sy < -BEYOND || sx > w + BEYOND || sy > tall + BEYOND) {
        out.fill(NOTHING, 3 * (y * width + x), 3 * (y * width + x) + 3)
        continue
      }
      const px = Math.min(w - 1.001, Math.max(0, sx - 0.5))
      const py = Math.min(tall - 1.001, Math.max(0, sy - 0.5))
      const i = px | 0
      const j = py | 0
      const fx = px - i
      const fy = py - j
      const k = 3 * (j * w + i)
      const below = k + 3 * w
      const to = 3 * (y * width + x)
      out[to] =
        (data[k] * (1 - fx) + data[k + 3] * fx) * (1 - fy) +
        (data[below] * (1 - fx) + data[below + 3] * fx) * fy +
        0.5
      out[to + 1] =
        (data[k + 1] * (1 - fx) + data[k + 4] * fx) * (1 - fy) +
        (data[below + 1] * (1 - fx) + data[below + 4] * fx) * fy +
        0.5
      out[to + 2] =
        (data[k + 2] * (1 - fx) + data[k + 5] * fx) * (1 - fy) +
        (data[below + 2] * (1 - fx) + data[below + 5] * fx) * fy +
        0.5
    }
  }
  return { width, height, data: out }
}
