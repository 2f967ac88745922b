import { describe, expect, it } from 'vitest'
import { cornersOf, type Corners } from './homography'
import { mostLikely, quartersByShape, quartersLying, speaksFor, speaksForAnother, turnedBy } from './lying'
import type { Rgb } from './picture'
import { markOnSheet, turnedOnSheet } from './plateOnSheet'
import { sidesTurned } from './seenSides'
import { quartersRound, spotRound } from './quartersRound.test.fixture'

const ALL = { lens: null, sides: null, isSetByHand: false, bowMm: 0, raggedMm: 0, spreadMm: null }
const SHEET = { widthMm: 90, heightMm: 70 }
/** A plate nearer to the top of its sheet than to its bottom. */
const PLATE = { leftMm: 20, topMm: 12, widthMm: 50, heightMm: 38 }
const SCALE = 3

/** A grey plate with a few bars, on all of a picture. @param plate where it was printed */
function sheet(plate = PLATE, { widthMm, heightMm } = SHEET): Rgb {
  const [width, height] = [widthMm * SCALE, heightMm * SCALE]
  const data = new Uint8Array(3 * width * height).fill(230)
  const paint = (left: number, top: number, w: number, h: number, value: number) => {
    for (let y = top * SCALE; y < (top + h) * SCALE; y++)
      data.fill(value, 3 * (y * width + left * SCALE), 3 * (y * width + (left + w) * SCALE))
  }
  paint(plate.leftMm, plate.topMm, plate.widthMm, plate.heightMm, 205)
  for (let bar = 0; bar < 4; bar++) paint(plate.leftMm + 6 + 9 * bar, plate.topMm + 8, 3, 20, 60)
  return { width, height, data }
}

describe('how a sheet lies in its picture', () => {
  const lies = (picture: Rgb, quarters: number, laid = { sheet: SHEET, plate: PLATE }) => {
    const round = quartersRound(picture, quarters)
    return quartersLying(round, { ...ALL, corners: cornersOf(round.width, round.height) }, laid)
  }
  it.each([0, 1, 2, 3])('is told by its shape and its plate mark: %d quarters', (quarters) =>
    expect(lies(sheet(), quarters)).toBe(quarters),
  )
  it.each([0, 1, 2, 3])('is told of a square sheet by its plate mark alone: %d quarters', (quarters) => {
    const square = { widthMm: 90, heightMm: 90 }
    expect(lies(sheet(PLATE, square), quarters, { sheet: square, plate: PLATE })).toBe(quarters)
  })
  it('is upright where the plate was printed beside its place, and margins say nothing', () => {
    expect(lies(sheet({ ...PLATE, topMm: 15 }), 0)).toBe(0)
    const middle = { ...PLATE, topMm: 16 }
    expect([0, 2].map((quarters) => lies(sheet(middle), quarters, { sheet: SHEET, plate: middle }))).toEqual([
      0, 0,
    ])
  })
  it('stays as a person named its corners, unless its shape says otherwise', () => {
    const upsideDown = quartersRound(sheet(), 2)
    const byHand = (corners: Corners, picture: Rgb) =>
      quartersLying(picture, { ...ALL, isSetByHand: true, corners }, { sheet: SHEET, plate: PLATE })
    expect(byHand(cornersOf(270, 210), upsideDown)).toBe(0)
    expect(byHand(cornersOf(210, 270), quartersRound(sheet(), 3))).toBe(3)
  })
  it('is not asked of what only looked like a sheet', () => {
    // Upside down, and what was found as the sheet is 4 % too low for one.
    const found = { ...ALL, corners: cornersOf(270, 202) }
    expect(quartersLying(quartersRound(sheet(), 2), found, { sheet: SHEET, plate: PLATE })).toBe(0)
  })
  it('was settled where its picture cuts it', () =>
    expect(
      quartersLying(
        quartersRound(sheet(), 2),
        { ...ALL, sides: { x: 'left', y: null }, corners: cornersOf(270, 210) },
        { sheet: SHEET, plate: PLATE },
      ),
    ).toBe(0))
})

it('a plate mark is told by how far it lies from its place on the sheet', () => {
  const picture = sheet({ ...PLATE, leftMm: 23, topMm: 11 })
  const mark = markOnSheet(picture, cornersOf(picture.width, picture.height), { sheet: SHEET, plate: PLATE })!
  expect([mark.xMm, mark.yMm]).toEqual([3, -1])
  expect(mark.clear).toBeGreaterThan(0.05)
  const crossed = [
    [0, 0],
    [0, 0],
    [0, 0],
    [0, 0],
  ] as const
  expect(markOnSheet(picture, crossed, { sheet: SHEET, plate: PLATE })).toBeNull()
})

it('a sheet of one length and width may lie four ways, any other two', () => {
  expect(quartersByShape(cornersOf(100, 70), SHEET)).toEqual([0, 2])
  expect(quartersByShape(cornersOf(70, 100), SHEET)).toEqual([1, 3])
  expect(quartersByShape(cornersOf(70, 100), { widthMm: 80, heightMm: 82 })).toEqual([0, 1, 2, 3])
})

it('corners, sides and the plate turn together, and four quarters are none', () => {
  const corners = cornersOf(90, 70)
  for (const quarters of [1, 2, 3]) {
    // A sheet laid so far round: its first corner stands where that of the picture was carried.
    const frame = quarters === 2 ? corners : cornersOf(70, 90)
    const carried = corners.map((spot) => spotRound(spot, { width: 90, height: 70 }, quarters))
    expect(turnedBy(frame, quarters)).toEqual(carried)
    const { sheet: lying, plate } = turnedOnSheet({ sheet: SHEET, plate: PLATE }, quarters)
    expect([lying.widthMm, lying.heightMm]).toEqual(quarters === 2 ? [90, 70] : [70, 90])
    const [x, y] = spotRound([PLATE.leftMm + 25, PLATE.topMm + 19], { width: 90, height: 70 }, quarters)
    expect([plate.leftMm + plate.widthMm / 2, plate.topMm + plate.heightMm / 2]).toEqual([x, y])
  }
  expect(sidesTurned({ x: 'left', y: 'top' }, 4)).toEqual({ x: 'left', y: 'top' })
  expect(sidesTurned({ x: 'left', y: null }, 2)).toEqual({ x: 'right', y: null })
  expect(sidesTurned({ x: null, y: 'bottom' }, 2)).toEqual({ x: null, y: 'top' })
  expect(sidesTurned({ x: 'right', y: null }, 1)).toEqual({ x: null, y: 'top' })
  expect(sidesTurned({ x: null, y: 'top' }, 1)).toEqual({ x: 'left', y: null })
})

it('a plate mark speaks the more, the clearer and nearer it is; one way is only left for a clearly better one', () => {
  expect(speaksFor({ xMm: 0, yMm: 0, clear: 0.1 })).toBe(0.1)
  expect(speaksFor({ xMm: 0, yMm: 2, clear: 0.1 })).toBeCloseTo(0.05, 9)
  expect(speaksFor({ xMm: 0, yMm: 0, clear: null })).toBe(0)
  expect(speaksFor(null)).toBe(0)
  const far = { xMm: 0, yMm: 0, clear: 0.1 }
  expect(speaksForAnother({ ...far, isSure: true })).toBe(0.1)
  expect([speaksForAnother({ ...far, isSure: false }), speaksForAnother(null)]).toEqual([0, 0])
  expect(mostLikely([1, 1.4], (way) => way)).toBe(1)
  expect(mostLikely([1, 1.6, 1.7], (way) => way)).toBe(1.7)
})
