import { quantileOf } from '../../stats/quantileOf'
import { cornersOf, homographyOf, mapSpot, type Corners, type Homography, type Spot } from '../homography'
import type { Rgb } from '../picture'
import type { Rgb3 } from './findStrip'
import { FRAME, GREY_STRIP } from './greyStrip'

/** Cut by hand, the strip's rim and its shadow reach so far beyond where they should, mm. */
const BEYOND_MM = 2.5
/** What lies round it is looked at so far beyond that, at so many places along it, over so many pixels to each side. */
const ROUND_MM = 1.5
const PLACES = 32
const LOOKED_PX = 2
/** What is farther from what lies round the strip as a rule, of 255, is the sheet or another thing beside it. */
const ANOTHER = 20

const OUT = GREY_STRIP.rimMm + BEYOND_MM
/** As it is painted over: from where, and how large, mm from its frame's corner. */
const PAINTED = {
  from: -OUT,
  widthMm: FRAME.widthMm + 2 * OUT,
  heightMm: FRAME.heightMm + 2 * OUT,
}

/** The mean of a few pixels about a place; null: beyond the picture. */
function groundAt({ width, height, data }: Rgb, [x, y]: Spot): Rgb3 | null {
  const [column, row] = [Math.floor(x), Math.floor(y)]
  if (column < LOOKED_PX || row < LOOKED_PX || column >= width - LOOKED_PX || row >= height - LOOKED_PX)
    return null
  const sums = [0, 0, 0]
  let count = 0
  for (let j = row - LOOKED_PX; j <= row + LOOKED_PX; j++) {
    for (let i = column - LOOKED_PX; i <= column + LOOKED_PX; i++) {
      for (let channel = 0; channel < 3; channel++) sums[channel] += data[3 * (j * width + i) + channel]
      count += 1
    }
  }
  return sums.map((sum) => sum / count) as unknown as Rgb3
}

/** What lies along one side of the strip, place by place; null where that is not the ground. */
function alongside(picture: Rgb, toPicture: Homography, atMm: number): (Rgb3 | null)[] {
  return Array.from({ length: PLACES }, (_, i) =>
    groundAt(picture, mapSpot(toPicture, [PAINTED.from + ((i + 0.5) / PLACES) * PAINTED.widthMm, atMm])),
  )
}

/** Both sides of the strip as one ground: where something else lies beside it, the side across stands for that too. */
function groundBeside(picture: Rgb, toPicture: Homography): (readonly [Rgb3, Rgb3])[] | null {
  const sides = [PAINTED.from - ROUND_MM, PAINTED.from + PAINTED.heightMm + ROUND_MM].map((atMm) =>
    alongside(picture, toPicture, atMm),
  )
  const greens = sides.flat().flatMap((one) => (one ? [one[1]] : []))
  if (greens.length === 0) return null
  const usual = quantileOf(greens, 0.5)
  const isGround = (one: Rgb3 | null): one is Rgb3 => one !== null && Math.abs(one[1] - usual) < ANOTHER
  const any = sides.flat().find(isGround)!
  let before: readonly [Rgb3, Rgb3] = [any, any]
  return sides[0].map((above, i) => {
    const below = sides[1][i]
    if (isGround(above) && isGround(below)) before = [above, below]
    else if (isGround(above)) before = [above, above]
    else if (isGround(below)) before = [below, below]
    return before
  })
}

/** A picture with what lies beside the grey strip drawn on over it, so that nobody takes the strip for paper. @param corners of its frame, px */
export function withoutStrip(picture: Rgb, corners: Corners): Rgb {
  const frame = cornersOf(FRAME.widthMm, FRAME.heightMm)
  const [toPicture, toStrip] = [homographyOf(frame, corners), homographyOf(corners, frame)]
  const ground = toPicture && groundBeside(picture, toPicture)
  if (!toPicture || !toStrip || !ground) return picture
  const { width, height } = picture
  const { from, widthMm, heightMm } = PAINTED
  const reach = cornersOf(widthMm, heightMm).map(([x, y]) => mapSpot(toPicture, [from + x, from + y]))
  const [xs, ys] = [reach.map(([x]) => x), reach.map(([, y]) => y)]
  const lastY = Math.min(height - 1, Math.ceil(Math.max(...ys)))
  const lastX = Math.min(width - 1, Math.ceil(Math.max(...xs)))
  const data = new Uint8Array(picture.data)
  for (let y = Math.max(0, Math.floor(Math.min(...ys))); y <= lastY; y++) {
    for (let x = Math.max(0, Math.floor(Math.min(...xs))); x <= lastX; x++) {
      const [u, v] = mapSpot(toStrip, [x + 0.5, y + 0.5])
      const [across, down] = [(u - from) / widthMm, (v - from) / heightMm]
      if (across < 0 || down < 0 || across > 1 || down > 1) continue
      const place = Math.min(PLACES - 1, Math.max(0, across * PLACES - 0.5))
      const [i, part] = [Math.floor(place), place % 1]
      const [near, next] = [ground[i], ground[Math.min(PLACES - 1, i + 1)]]
      for (let c = 0; c < 3; c++) {
        const [above, below] = [0, 1].map((side) => near[side][c] * (1 - part) + next[side][c] * part)
        data[3 * (y * width + x) + c] = Math.round(above * (1 - down) + below * down)
      }
    }
  }
  return { ...picture, data }
}
