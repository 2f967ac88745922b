import { expect, it } from 'vitest'
import { isTwoTone } from './pictureTones'

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
