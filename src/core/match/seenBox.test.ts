import { describe, expect, it } from 'vitest'
import type { Corners } from './homography'
import { commonBox, seenBox, wholeBox } from './seenBox'

const PICTURE = { width: 800, height: 600 }
/** Within a pixel: corners are carried there and back. */
const nearly = (box: ReturnType<typeof seenBox>, wanted: ReturnType<typeof seenBox>) => {
  for (const key of ['left', 'top', 'width', 'height'] as const)
    expect(Math.abs(box[key] - wanted[key])).toBeLessThanOrEqual(1)
}
const at = (left: number, top: number, right: number, bottom: number): Corners => [
  [left, top],
  [right, top],
  [right, bottom],
  [left, bottom],
]

describe('what a picture shows of its sheet', () => {
  it('is all of it where all corners lie in the picture', () =>
    expect(seenBox(PICTURE, at(10, 20, 790, 580), 400, 300)).toEqual(wholeBox({ width: 400, height: 300 })))
  it('is the part within the frame, where it reaches beyond to the right and below', () =>
    // Twice as large in the picture: it shows 400 of 500, less 20 and 10 on the near sides, and two pixels at its border.
    nearly(seenBox(PICTURE, at(40, 20, 1040, 820), 500, 400), {
      left: 0,
      top: 0,
      width: 378,
      height: 288,
    }))
  it('is the same part of a sheet that stands on its head', () => {
    const [a, b, c, d] = at(-200, -100, 760, 580)
    nearly(seenBox(PICTURE, [c, d, a, b], 480, 340), { left: 0, top: 0, width: 378, height: 288 })
  })
  it('is what is shown for sure of one that lies askew', () => {
    const askew: Corners = [
      [40, 20],
      [1040, 60],
      [1000, 860],
      [0, 820],
    ]
    const { left, top, width, height } = seenBox(PICTURE, askew, 500, 400)
    expect([left, top]).toEqual([0, 0])
    expect(width).toBeLessThan(378)
    expect(width).toBeGreaterThan(340)
    expect(height).toBeLessThan(288)
    expect(height).toBeGreaterThan(250)
  })
})

it('two boxes have in common what lies in both', () => {
  expect(
    commonBox({ left: 0, top: 5, width: 10, height: 10 }, { left: 4, top: 0, width: 20, height: 8 }),
  ).toEqual({
    left: 4,
    top: 5,
    width: 6,
    height: 3,
  })
  expect(
    commonBox({ left: 0, top: 0, width: 2, height: 2 }, { left: 5, top: 0, width: 2, height: 2 }).width,
  ).toBe(0)
})
