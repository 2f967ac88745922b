import { describe, expect, it } from 'vitest'
import { findPlateMark, type Box } from './findPlate'
import type { Grey } from './picture'

/** A white sheet with dark rectangles on it, later ones over earlier. */
function sheet(width: number, height: number, ...dark: [box: Box, light: number][]): Grey {
  const data = new Float32Array(width * height).fill(0.95)
  for (const [{ left, top, width: w, height: h }, light] of dark)
    for (let y = Math.max(0, top); y < Math.min(height, top + h); y++)
      for (let x = Math.max(0, left); x < Math.min(width, left + w); x++) data[y * width + x] = light
  return { width, height, data } as unknown as Grey
}
const findPlate = (...asked: Parameters<typeof findPlateMark>) => findPlateMark(...asked).box
const box = (left: number, top: number, width: number, height: number): Box => ({ left, top, width, height })

describe('a plate mark on its sheet', () => {
  it.each([
    [2, -19, 13],
    [2, 19, -20],
    [2, 0, 0],
    [4, 37, -11],
    [4, -40, 40],
  ])('is found at %d px a mm, %d and %d px beside where it was wanted', (pixelsPerMm, dx, dy) => {
    const wanted = box(60 * pixelsPerMm, 50 * pixelsPerMm, 75 * pixelsPerMm, 50 * pixelsPerMm)
    const plate = { ...wanted, left: wanted.left + dx, top: wanted.top + dy }
    const found = findPlate(sheet(200 * pixelsPerMm, 150 * pixelsPerMm, [plate, 0.6]), wanted, pixelsPerMm)
    expect(found).toEqual(plate)
  })
  it('is not looked for further than 10 mm away', () => {
    const wanted = box(120, 100, 150, 100)
    const far = findPlate(sheet(420, 340, [box(150, 100, 150, 100), 0.5]), wanted, 2)
    expect(Math.abs(far.left - wanted.left)).toBeLessThanOrEqual(20)
    expect(far.top).toBe(100)
  })
  it('stands where it is wanted along a way it bleeds, and is found along the other', () => {
    const wanted = box(-20, 100, 480, 100)
    const found = findPlate(sheet(420, 340, [box(-20, 107, 480, 100), 0.5]), wanted, 2)
    expect(found).toEqual({ ...wanted, top: 107 })
  })
  it('goes by its middle: what is dark across its outer tenths moves neither side', () => {
    const plate = box(124, 96, 150, 100)
    // Two bars reach beyond the plate's left and right over its first and last rows, and two beyond its top and bottom.
    const across = [plate.top + 1, plate.top + 92].map((top): [Box, number] => [box(104, top, 190, 7), 0])
    const upright = [plate.left + 1, plate.left + 138].map((left): [Box, number] => [
      box(left, 78, 11, 140),
      0,
    ])
    const picture = sheet(420, 340, [plate, 0.8], ...across, ...upright)
    expect(findPlate(picture, box(120, 100, 150, 100), 2)).toEqual(plate)
  })
  it.each([
    ['above it', box(114, 0, 150, 90), null],
    ['below it', box(114, 202, 150, 130), null],
    ['left of it', null, box(0, 86, 118, 100)],
    ['right of it', null, box(280, 86, 130, 100)],
  ])('of what stands %s, as wide or as tall as the plate and darker, nothing counts', (_, over, beside) => {
    const plate = box(124, 96, 150, 100)
    const other = (over ?? beside)!
    expect(findPlate(sheet(420, 340, [other, 0], [plate, 0.75]), box(120, 100, 150, 100), 2)).toEqual(plate)
  })
  it('goes by strips of 1.2 mm: a hair beside it is none of its edges', () => {
    const plate = box(240, 200, 300, 200)
    // At 4 px a mm a hair of a fifth of a millimetre, far darker than the plate, stands beside its left and above it.
    const hairs: [Box, number][] = [
      [box(226, 200, 1, 200), 0],
      [box(240, 187, 300, 1), 0],
    ]
    expect(findPlate(sheet(840, 680, [plate, 0.75], ...hairs), box(236, 204, 300, 200), 4)).toEqual(plate)
  })
  it('is the clearer the darker it is than what is round it, of the way that is less clear; one that bleeds both ways shows nothing', () => {
    const plate = box(124, 96, 150, 100)
    const clearOf = (...dark: [Box, number][]) => findPlateMark(sheet(420, 340, ...dark), plate, 2).clear
    const [deep, faint, none] = [clearOf([plate, 0.55]), clearOf([plate, 0.85]), clearOf()]
    expect(deep! / faint!).toBeCloseTo(4, 3)
    expect(none).toBeCloseTo(0, 9)
    expect(clearOf([{ ...plate, top: 0, height: 340 }, 0.55])).toBeLessThan(faint! / 2)
    expect(findPlateMark(sheet(420, 340), box(-4, -4, 430, 350), 2).clear).toBeNull()
  })
  it('is found by its own edge where a drawing that is darker ends within it, and not surely where that edge is wiped clean', () => {
    const wanted = box(120, 100, 150, 100)
    const plate = box(124, 96, 150, 100)
    const drawing = box(138, 112, 120, 70)
    const toned = findPlateMark(sheet(420, 340, [plate, 0.92], [drawing, 0.4]), wanted, 2)
    expect(toned).toMatchObject({ box: plate, isSure: true })
    expect(findPlateMark(sheet(420, 340, [drawing, 0.4]), wanted, 2).isSure).toBe(false)
  })
  it('is found by the shadow of its rim where nothing but that is left of it', () => {
    const plate = box(248, 192, 300, 200)
    const rim: [Box, number][] = [
      [box(plate.left - 1, plate.top - 1, plate.width + 2, plate.height + 2), 0.93],
      [box(plate.left + 1, plate.top + 1, plate.width - 2, plate.height - 2), 0.95],
    ]
    const found = findPlateMark(
      sheet(840, 680, ...rim, [box(280, 230, 200, 120), 0.3]),
      box(240, 200, 300, 200),
      4,
    )
    expect(Math.abs(found.box.left - plate.left)).toBeLessThanOrEqual(1)
    expect(Math.abs(found.box.top - plate.top)).toBeLessThanOrEqual(1)
  })
  it('is found where it ends with its sheet', () => {
    const plate = box(0, 3, 150, 100)
    expect(findPlate(sheet(300, 200, [plate, 0.5]), box(6, 0, 150, 100), 2)).toEqual(plate)
    const last = box(150, 100, 150, 100)
    expect(findPlate(sheet(300, 200, [last, 0.5]), box(145, 96, 150, 100), 2)).toEqual(last)
  })
  it('of a size between pixels is settled by its nearest', () => {
    const found = findPlate(sheet(300, 240, [box(73, 61, 150, 100), 0.7]), box(68.4, 66.2, 150.3, 99.8), 2)
    expect([found.left, found.top]).toEqual([73, 61])
    expect([found.width, found.height]).toEqual([150.3, 99.8])
  })
})
