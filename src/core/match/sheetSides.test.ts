import { describe, expect, it } from 'vitest'
import { edgePoints } from './edgePoints'
import { metSheet } from './sheetSides'

const SIZE = { width: 200, height: 150 }

describe('a sheet met by rays from each side', () => {
  it('has its corners where the sides meet, whatever a torn corner does', () => {
    // Ten pixels in from everywhere, but for rays that come in over the left part of the top.
    const met = metSheet(
      SIZE,
      (pixelAt) => {
        const [first, second] = [pixelAt(0), pixelAt(1)]
        return second - first === SIZE.width && first < 30 ? 25 : 10
      },
      false,
    )!
    expect(met.corners.flat().map((value) => Number(value.toFixed(3)))).toEqual([
      10, 10, 190, 10, 190, 140, 10, 140,
    ])
    expect(met.bowPx).toBeCloseTo(0, 6)
    expect(met.seen).toBeCloseTo(0.85, 2)
  })
  it('is told its steps and pixels from the border inwards', () => {
    const deeps = new Set<number>()
    const firsts = new Set<number>()
    edgePoints(SIZE, (pixelAt, deep) => {
      deeps.add(deep)
      firsts.add(pixelAt(0))
      return null
    })
    // Ninety pixels along the longer side, 67 along the shorter: 45 in 100.
    expect([...deeps].sort((a, b) => a - b)).toEqual([67, 90])
    for (const first of firsts) {
      const [x, y] = [first % SIZE.width, Math.floor(first / SIZE.width)]
      expect(x === 0 || y === 0 || x === SIZE.width - 1 || y === SIZE.height - 1).toBe(true)
    }
  })
  it('is none where a side is not met', () =>
    expect(metSheet(SIZE, (pixelAt) => (pixelAt(1) - pixelAt(0) === 1 ? null : 10), true)).toBeNull())
})
