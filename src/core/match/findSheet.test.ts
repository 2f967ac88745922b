import { describe, expect, it } from 'vitest'
import { seedFrom, uniforms } from '../stats/random'
import { findSheet } from './findSheet'
import type { Corners } from './homography'
import type { Grey } from './picture'

/** A sheet with a plate of dark and light rows, somewhat askew. */
const CORNERS: Corners = [
  [62, 48],
  [540, 60],
  [532, 402],
  [54, 390],
]
const [WIDTH, HEIGHT] = [600, 450]

/** How far a place lies within the sheet, px; below 0 without. */
const within = (x: number, y: number): number =>
  Math.min(
    ...CORNERS.map(([ax, ay], i) => {
      const [bx, by] = CORNERS[(i + 1) % 4]
      return ((bx - ax) * (y - ay) - (by - ay) * (x - ax)) / Math.hypot(bx - ax, by - ay)
    }),
  )

/** Where what is seen lies, by the first term of a lens as it is usually given (Brown, Close-Range Camera Calibration, 1971): times 1 + bent·r², r in half diagonals. */
function throughLens(x: number, y: number, bent: number): [number, number] {
  const [dx, dy] = [x - WIDTH / 2, y - HEIGHT / 2]
  const times = 1 + (bent * (dx * dx + dy * dy)) / ((WIDTH / 2) ** 2 + (HEIGHT / 2) ** 2)
  return [WIDTH / 2 + dx * times, HEIGHT / 2 + dy * times]
}

/** A picture of that sheet. @param ground light of what lies round it, 0 to 1 @param shadow whether the sheet throws one to the right and below */
function pictureOn(
  ground: (x: number, y: number) => number,
  {
    paper = 0.9,
    spread = 0.004,
    shadow = false,
    lit = () => 1,
    bent = 0,
    curl = () => 0,
  }: {
    paper?: number
    spread?: number
    shadow?: boolean
    lit?: (x: number, y: number) => number
    bent?: number
    curl?: (x: number, y: number) => number
  } = {},
): Grey {
  const uniform = uniforms(seedFrom(7))
  const noise = () => Array.from({ length: 12 }, uniform).reduce((sum, value) => sum + value, -6)
  const data = new Float32Array(WIDTH * HEIGHT)
  for (let row = 0; row < HEIGHT; row++)
    for (let column = 0; column < WIDTH; column++) {
      const [x, y] = throughLens(column + 0.5, row + 0.5, bent)
      const deep = within(x, y) + curl(x, y)
      const isBeyond = shadow && ((x > 500 && y > 60) || y > 380)
      const beyond = isBeyond ? Math.max(0, -deep) : Number.POSITIVE_INFINITY
      const beside = ground(x, y) * (1 - 0.08 * Math.exp(-beyond / 3))
      const printed = deep > 40 && row % 8 < 4 ? 0.35 : paper
      // An edge between two pixels is half of each.
      const share = Math.min(1, Math.max(0, deep + 0.5))
      data[row * WIDTH + column] = (share * printed + (1 - share) * beside) * lit(x, y) + spread * noise()
    }
  return { width: WIDTH, height: HEIGHT, data }
}

const farthest = (picture: Grey): number => {
  const found = findSheet(picture)
  return found
    ? Math.max(...CORNERS.map(([x, y], i) => Math.hypot(found.corners[i][0] - x, found.corners[i][1] - y)))
    : Number.POSITIVE_INFINITY
}

describe('a sheet on something about as light', () => {
  it.each([
    ['a little lighter, as a lid is', 0.93],
    ['white, beside cream', 0.98],
    ['a little darker', 0.865],
  ])('is found to a third of a pixel: %s', (_, light) =>
    expect(farthest(pictureOn(() => light))).toBeLessThan(0.34),
  )
  it('is found where it throws a narrow shadow, by its edge and not by the shadow’s', () =>
    expect(farthest(pictureOn(() => 0.93, { shadow: true }))).toBeLessThan(0.34))
  it('is found in light that falls off to one side and to the corners', () =>
    expect(
      farthest(
        pictureOn(() => 0.93, {
          lit: (x, y) =>
            1 + 0.08 * (x / WIDTH - 0.5) - 0.1 * ((x / WIDTH - 0.5) ** 2 + (y / HEIGHT - 0.5) ** 2),
        }),
      ),
    ).toBeLessThan(0.5))
  it('has no softness that could be read from so faint an edge', () =>
    expect(findSheet(pictureOn(() => 0.93))).toMatchObject({ spreadPx: null }))
  it('is not found where the ground is as light as it, or of many kinds', () => {
    expect(findSheet(pictureOn(() => 0.902))).toBeNull()
    expect(findSheet(pictureOn((x) => 0.93 + 0.04 * Math.sin(x / 2)))).toBeNull()
  })
  it('is told as seen on all of its sides, or not at all', () => {
    const cut = pictureOn(() => 0.93)
    // The right third of the frame is missing, and with it a side.
    const width = 400
    const data = new Float32Array(width * HEIGHT)
    for (let row = 0; row < HEIGHT; row++)
      data.set(cut.data.subarray(row * WIDTH, row * WIDTH + width), row * width)
    expect(findSheet({ width, height: HEIGHT, data })).toBeNull()
  })
})

describe('a lens that bends', () => {
  it.each([0.06, 0.02, -0.03])(
    'is told by the sheet’s own edges, and its corners are where they would be without: %d',
    (bent) => {
      const found = findSheet(pictureOn(() => 0.1, { bent }))!
      // Of a barrel places lie farther out than they are seen, where the division is by less than one.
      expect(Math.abs(found.lens!.bend + bent)).toBeLessThan(0.006)
      expect(found.bowPx).toBeLessThan(0.3)
      expect(farthest(pictureOn(() => 0.1, { bent }))).toBeLessThan(1)
    },
  )
  it('is none where the edges are straight, nor on a scanner', () => {
    expect(findSheet(pictureOn(() => 0.1))!.lens).toBeNull()
    expect(
      findSheet(
        pictureOn(() => 0.1, { bent: 0.06 }),
        false,
      ),
    ).toMatchObject({ lens: null })
  })
  it('is not what bows one side alone: that is a sheet that does not lie flat', () => {
    const found = findSheet(
      pictureOn(() => 0.1, { curl: (x, y) => (y < 120 ? 6 * (1 - ((x - 300) / 240) ** 2) : 0) }),
    )!
    expect(found.lens).toBeNull()
    expect(found.bowPx).toBeGreaterThan(2)
  })
})
