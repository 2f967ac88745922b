import { describe, expect, it } from 'vitest'
import type { Spot } from './homography'
import { partOfSheet } from './partOfSheet'
import { quartersRound, spotRound } from './quartersRound.test.fixture'
import type { Rgb } from './picture'

const SHEET = { widthMm: 300, heightMm: 220 }
const PLATE = { leftMm: 70, topMm: 60, widthMm: 120, heightMm: 90 }
const SCALE = 3
const LONGEST = 1800
const TURN = (1.2 * Math.PI) / 180

/** A scan of that sheet. @param beginsAt where its top left corner lies on the glass, mm; it is turned clockwise about it */
function scan([left, top]: Spot, [widthMm, heightMm]: Spot, lid = 20): Rgb {
  const [width, height] = [widthMm * SCALE, heightMm * SCALE]
  const data = new Uint8Array(3 * width * height)
  const [c, s] = [Math.cos(TURN), Math.sin(TURN)]
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [dx, dy] = [(x + 0.5) / SCALE - left, (y + 0.5) / SCALE - top]
      const [u, v] = [dx * c + dy * s, -dx * s + dy * c]
      const isPaper = u >= 0 && v >= 0 && u < SHEET.widthMm && v < SHEET.heightMm
      const isPlate =
        u >= PLATE.leftMm &&
        v >= PLATE.topMm &&
        u < PLATE.leftMm + PLATE.widthMm &&
        v < PLATE.topMm + PLATE.heightMm
      const isLine = isPlate && Math.floor(v / 5) % 3 === 0
      const paper = isPlate ? 200 : 232
      const printed = isLine ? 60 : paper
      data.fill(isPaper ? printed : lid, 3 * (y * width + x), 3 * (y * width + x) + 3)
    }
  return { width, height, data, pixelsPerMm: SCALE }
}
const part = (picture: Rgb) => partOfSheet(picture, { sheet: SHEET, plate: PLATE }, LONGEST)
/** How far the sheet's corners are from where they lie, mm. */
function off(picture: Rgb, [left, top]: Spot): number {
  const [c, s] = [Math.cos(TURN), Math.sin(TURN)]
  const where = [
    [0, 0],
    [SHEET.widthMm, 0],
    [SHEET.widthMm, SHEET.heightMm],
    [0, SHEET.heightMm],
  ].map(([u, v]) => [left + u * c - v * s, top + u * s + v * c])
  return Math.max(
    ...part(picture)!.corners.map(([x, y], i) =>
      Math.hypot(x / SCALE - where[i][0], y / SCALE - where[i][1]),
    ),
  )
}

describe('a sheet larger than the glass', () => {
  it('lies by its corner and its turn, where a corner is seen', () => {
    const picture = scan([14, 9], [210, 190])
    expect(part(picture)!.sides).toEqual({ x: 'left', y: 'top' })
    expect(off(picture, [14, 9])).toBeLessThan(0.4)
    expect(part(picture)!.spreadMm).toBeLessThan(0.5)
  })
  it('lies by the corner across from it as well', () => {
    const at: Spot = [-85, -28]
    const picture = scan(at, [228, 206])
    expect(part(picture)!.sides).toEqual({ x: 'right', y: 'bottom' })
    expect(off(picture, at)).toBeLessThan(0.4)
  })
  it('lies by one side along one way, and by its plate along the other', () => {
    const at: Spot = [-40, 12]
    const picture = scan(at, [200, 180])
    expect(part(picture)!.sides).toEqual({ x: null, y: 'top' })
    expect(off(picture, at)).toBeLessThan(2.5)
  })
  it('lies by its plate alone where no side is seen; how it is turned is not known then', () => {
    const at: Spot = [-40, -30]
    const picture = scan(at, [200, 160])
    expect(part(picture)).toMatchObject({ sides: { x: null, y: null }, spreadMm: null, bowMm: 0 })
    expect(off(picture, at)).toBeLessThan(8)
  })
  it('shows no side beyond which the lid is as white as it', () =>
    expect(part(scan([14, 9], [210, 190], 232))!.sides).toEqual({ x: null, y: null }))
  it('is none where the file has no scale, the whole sheet is seen, or not the whole plate', () => {
    const { width, height, data } = scan([14, 9], [210, 190])
    expect(part({ width, height, data })).toBeNull()
    expect(part(scan([14, 9], [330, 260]))).toBeNull()
    expect(part(scan([14, 9], [110, 190]))).toBeNull()
  })
})

describe('a sheet larger than the glass, laid otherwise', () => {
  const LAID: Spot = [14, 9]
  const upright = scan(LAID, [210, 190])
  it.each([1, 2, 3])('by %d quarters lies by the same corner of its own', (quarters) => {
    const { corners, sides } = part(quartersRound(upright, quarters))!
    expect(sides).toEqual({ x: 'left', y: 'top' })
    const wanted = part(upright)!.corners.map((spot) => spotRound(spot, upright, quarters))
    corners.forEach(([x, y], i) => {
      expect(Math.hypot(x - wanted[i][0], y - wanted[i][1])).toBeLessThan(0.7)
    })
  })
})
