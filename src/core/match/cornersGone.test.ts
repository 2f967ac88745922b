import { expect, it } from 'vitest'
import { leaveOutCorners } from './cornersGone'

it('what is seen in place of a curled corner is left out with its soft edge, and a mark beside it is not', () => {
  const [width, height, perMm] = [120, 90, 2]
  const ink = new Float32Array(width * height)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) if (width - x + height - y < 30) ink[y * width + x] = 80
  // A thumb's mark within, and one at a side that is in no corner.
  const marks = [30 * width + 40, 45 * width]
  for (const at of marks) ink[at] = 60
  const counts = new Uint8Array(width * height).fill(1)
  leaveOutCorners(ink, width, height, perMm, counts)
  const at = (x: number, y: number) => counts[y * width + x]
  expect([at(119, 89), at(110, 80), at(104, 75)]).toEqual([0, 0, 0])
  // Four pixels farther in than the dark ends, it is paper again.
  expect(at(95, 70)).toBe(1)
  expect(marks.map((mark) => counts[mark])).toEqual([1, 1])
  expect(at(0, 0)).toBe(1)
})
