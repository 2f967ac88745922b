import type { Corners, Spot } from './homography'
import { greyOf, shrunk, type Rgb } from './picture'
import { meet, type Line } from './sideLine'
import { sidesOnDark } from './sidesOnDark'

/** A sheet that its picture cuts at one side may be so much shorter than what is seen of it, as a share: it was measured, and seen at a slant. */
const SHORTER = 0.03

/** Along a line, from where it begins inwards. */
function towards({ a, b }: Line, [x, y]: Spot, [insideX, insideY]: Spot): Spot {
  const way: Spot = [b, -a]
  return way[0] * (insideX - x) + way[1] * (insideY - y) < 0 ? [-way[0], -way[1]] : way
}

/**
 * The corners of a sheet of which a picture shows three sides: the fourth lies where the sheet's size says, seen from straight above. So nothing is
 * known of where the plate lies on it, nor how large it is, but what is printed can be looked at.
 *
 * @param longest side it is looked for in, px
 * @returns px, two of them beyond the picture; null where it is not three sides that are seen
 */
export function threeSides(
  picture: Rgb,
  { widthMm, heightMm }: { widthMm: number; heightMm: number },
  longest: number,
): { corners: Corners; bowPx: number; raggedPx: number; spreadPx: number | null } | null {
  const times = Math.max(1, Math.round(Math.max(picture.width, picture.height) / longest))
  const { sides, spreadPx } = sidesOnDark(greyOf(shrunk(picture, times)))
  const missing = sides.indexOf(null)
  if (missing < 0 || sides.filter(Boolean).length !== 3) return null
  // Clockwise from the missing side: the next one, the one across, the one before.
  const [next, across, before] = [1, 2, 3].map((on) => sides[(missing + on) % 4]!)
  const [one, other] = [meet(next.line, across.line), meet(across.line, before.line)]
  if (!one || !other) return null
  const [width, height] = [picture.width / times, picture.height / times]
  const inside: Spot = [width / 2, height / 2]
  const [alongNext, alongBefore] = [towards(next.line, one, inside), towards(before.line, other, inside)]
  const isWide = missing % 2 === 1
  // It is seen up to the frame, on the shorter of its two sides that are cut.
  const [frame, axis] = [
    [0, 1],
    [width, 0],
    [height, 1],
    [0, 0],
  ][missing]
  const reaches = ([x, y]: Spot, way: Spot) => (frame - [x, y][axis]) / way[axis]
  const seen = Math.min(reaches(one, alongNext), reaches(other, alongBefore))
  const length = Math.hypot(other[0] - one[0], other[1] - one[1])
  const upright = isWide ? widthMm / heightMm : heightMm / widthMm
  const far = [upright, 1 / upright]
    .map((ratio) => ratio * length)
    .filter((one) => one > (1 - SHORTER) * seen)
    .sort((a, b) => a - b)[0]
  if (far === undefined) return null
  const beyond = ([x, y]: Spot, way: Spot): Spot => [x + far * way[0], y + far * way[1]]
  // Clockwise from the corner where the missing side and the next one meet.
  const round = [beyond(one, alongNext), one, other, beyond(other, alongBefore)]
  const corners = [0, 1, 2, 3].map((i) => {
    const [x, y] = round[(((i - missing - 1) % 4) + 4) % 4]
    return [x * times, y * times] as const
  }) as unknown as Corners
  return {
    corners,
    bowPx: times * Math.max(next.bowPx, across.bowPx, before.bowPx),
    raggedPx: times * Math.max(next.raggedPx, across.raggedPx, before.raggedPx),
    spreadPx: spreadPx === null ? null : times * spreadPx,
  }
}
