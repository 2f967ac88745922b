import { expect, it } from 'vitest'
import { darkestShare, isTwoTone } from './pictureTones'

const picture = (at: (i: number) => readonly [number, number, number]) => ({
  width: 120,
  height: 100,
  data: Uint8Array.from(Array.from({ length: 12_000 }, (_, i) => at(i)).flat()),
})

it('a picture has two tones where there is black and white and nothing between', () => {
  const lines = (i: number) => (i % 20 < 3 ? 0 : 255)
  expect(isTwoTone(picture((i) => [lines(i), lines(i), lines(i)]))).toBe(true)
  // White paper alone, or paper that is white as it goes with a drawing in greys, is none.
  expect(isTwoTone(picture(() => [255, 255, 255]))).toBe(false)
  expect(isTwoTone(picture((i) => (i % 20 < 3 ? [60, 58, 55] : [255, 255, 255])))).toBe(false)
})

it('a plate is as dark as its picture goes where every channel is, and nothing beside the plate counts', () => {
  const plate = { left: 20, top: 10, width: 80, height: 50 }
  const black = (i: number) => i % 120 < 40 && Math.floor(i / 120) < 60
  // A quarter of the plate, and a dark lid beside it.
  expect(
    darkestShare(
      picture((i) => (black(i) ? [2, 0, 1] : [200, 200, 200])),
      plate,
    ),
  ).toBe(0.25)
  expect(
    darkestShare(
      picture((i) => (black(i) ? [3, 0, 0] : [200, 200, 200])),
      plate,
    ),
  ).toBe(0)
  expect(
    darkestShare(
      picture(() => [0, 0, 0]),
      { left: 300, top: 0, width: 10, height: 10 },
    ),
  ).toBe(0)
})
