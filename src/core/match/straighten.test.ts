import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { evenLight } from './evenLight'
import { findPlateMark } from './findPlate'
import { findSheet } from './findSheet'
import { cornersOf, homographyOf, isConvex, mapSpot, type Corners } from './homography'
import { greyOf, type Rgb } from './picture'
import { rectify } from './rectify'

/** Paper in the colour given between four corners on a dark ground; a pixel at the edge is paper by how much of it is. */
function sheetIn(width: number, height: number, corners: Corners, colour = 240): Rgb {
  const data = new Uint8Array(3 * width * height)
  const isIn = (x: number, y: number) =>
    corners.every(([x1, y1], i) => {
      const [x2, y2] = corners[(i + 1) % 4]
      return (x2 - x1) * (y - y1) - (y2 - y1) * (x - x1) > 0
    })
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      let part = 0
      for (let v = 0; v < 3; v++)
        for (let u = 0; u < 3; u++) if (isIn(x + (u + 0.5) / 3, y + (v + 0.5) / 3)) part += 1 / 9
      data.fill(50 + part * (colour - 50), 3 * (y * width + x), 3 * (y * width + x) + 3)
    }
  }
  return { width, height, data }
}

describe('a sheet in its picture', () => {
  const near = (value: number, reach: number) =>
    fc.double({ min: value - reach, max: value + reach, noNaN: true })
  it('goes where its four corners go, and back (property)', () => {
    const spot = (x: number, y: number) => fc.tuple(near(x, 60), near(y, 60))
    fc.assert(
      fc.property(
        spot(0, 0),
        spot(400, 0),
        spot(400, 300),
        spot(0, 300),
        fc.tuple(near(200, 150), near(150, 100)),
        (a, b, c, d, inner) => {
          const to: Corners = [a, b, c, d]
          fc.pre(isConvex(to))
          const [there, back] = [
            homographyOf(cornersOf(400, 300), to)!,
            homographyOf(to, cornersOf(400, 300))!,
          ]
          cornersOf(400, 300).forEach((corner, i) =>
            mapSpot(there, corner).forEach((value, axis) => expect(value).toBeCloseTo(to[i][axis], 5)),
          )
          mapSpot(back, mapSpot(there, inner)).forEach((value, axis) =>
            expect(value).toBeCloseTo(inner[axis], 4),
          )
        },
      ),
    )
  })
  it('has no map where three corners lie in one line', () =>
    expect(
      homographyOf(
        [
          [0, 0],
          [1, 0],
          [2, 0],
          [0, 1],
        ],
        cornersOf(1, 1),
      ),
    ).toBeNull())
  it('is found by its edges within half a pixel, askew and slanted (property)', () => {
    fc.assert(
      fc.property(
        near(22, 8),
        near(18, 8),
        near(178, 8),
        near(20, 8),
        near(180, 8),
        near(128, 8),
        near(20, 8),
        near(130, 8),
        (ax, ay, bx, by, cx, cy, dx, dy) => {
          const corners: Corners = [
            [ax, ay],
            [bx, by],
            [cx, cy],
            [dx, dy],
          ]
          const found = findSheet(greyOf(sheetIn(200, 150, corners)))!
          corners.forEach(([x, y], i) =>
            expect(Math.hypot(found.corners[i][0] - x, found.corners[i][1] - y)).toBeLessThan(0.75),
          )
        },
      ),
      { numRuns: 25 },
    )
  })
  it('is the whole picture where nothing shows round it', () =>
    expect(
      findSheet(greyOf({ width: 80, height: 60, data: new Uint8Array(80 * 60 * 3).fill(240) })),
    ).toBeNull())
  it('is straightened: paper everywhere', () => {
    const corners: Corners = [
      [22, 18],
      [180, 25],
      [172, 130],
      [30, 122],
    ]
    const { data } = rectify(sheetIn(200, 150, corners), corners, 120, 90)!
    let least = 255
    for (let y = 2; y < 88; y++)
      for (let x = 2; x < 118; x++) least = Math.min(least, data[3 * (y * 120 + x)])
    expect(least).toBeGreaterThan(235)
  })
})

describe('a plate mark and the light', () => {
  /** A grey plate on white, lit less and less to the right. */
  const lit = (fall: number): Rgb => {
    const [width, height] = [300, 240]
    const data = new Uint8Array(3 * width * height)
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++)
        data.fill(
          (x >= 73 && x < 223 && y >= 61 && y < 161 ? 190 : 240) * (1 - (fall * x) / width),
          3 * (y * width + x),
          3 * (y * width + x) + 3,
        )
    return { width, height, data }
  }
  it('is found though it lies beside where it was wanted', () => {
    expect(findPlateMark(greyOf(lit(0)), { left: 68, top: 66, width: 150, height: 100 }, 2).box).toEqual({
      left: 73,
      top: 61,
      width: 150,
      height: 100,
    })
  })
  it('is lit evenly after the margin was used as a grey card, and the two whites are one', () => {
    const { picture, white, fall } = evenLight(
      lit(0.2),
      { left: 73, top: 61, width: 150, height: 100 },
      2,
      [236, 236, 236],
      { left: 0, top: 0, width: 300, height: 240 },
    )
    expect(fall).toBeCloseTo(0.2, 1)
    expect(white![0]).toBeCloseTo(240 * 0.9, 0)
    const at = (x: number, y: number) => picture.data[3 * (y * 300 + x)]
    expect(Math.abs(at(20, 20) - at(280, 220))).toBeLessThanOrEqual(2)
    expect(Math.abs(at(80, 100) - at(215, 100))).toBeLessThanOrEqual(2)
    expect(at(150, 20)).toBeGreaterThan(233)
  })
  it('goes on straight where a plate bleeds over one side, and is left alone where it bleeds over three', () => {
    const whole = { left: 0, top: 0, width: 300, height: 240 }
    // Its print is as light as its paper: what is left of the lamp is seen everywhere.
    const picture = lit(0.2)
    for (let i = 0; i < picture.data.length; i++)
      picture.data[i] = 240 * (1 - (0.2 * (Math.floor(i / 3) % 300)) / 300)
    const one = evenLight(picture, { left: 73, top: 61, width: 300, height: 100 }, 2, null, whole)
    const light = one.picture.data.filter((_, i) => i % 3 === 0)
    expect(Math.max(...light) - Math.min(...light)).toBeLessThanOrEqual(3)
    const three = evenLight(picture, { left: 73, top: -20, width: 300, height: 300 }, 2, null, whole)
    expect(three).toEqual({ picture, white: null, fall: 0, paperAt: null })
  })
})
