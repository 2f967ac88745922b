import { describe, expect, it } from 'vitest'
import { largestOutline } from './shapes'

const square = (side: number): [number, number][] => [
  [0, 0],
  [side, 0],
  [side, side],
  [0, side],
]

describe('the largest outline of a shape', () => {
  it('is the one with the most inside it; an empty one of nothing', () => {
    expect(largestOutline([square(2), square(9), square(4)])).toEqual(square(9))
    expect(largestOutline([])).toEqual([])
  })
})
