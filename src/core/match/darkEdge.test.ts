import { describe, expect, it } from 'vitest'
import { darkEdge } from './darkEdge'

/** One row of light, and where a ray along it finds paper. */
const along = (values: readonly number[]) => {
  const { edgeOn, spreadPx } = darkEdge(
    { width: values.length, height: 1, data: Float32Array.from(values) },
    0.1,
    0.9,
  )
  return { at: edgeOn((k) => k, values.length), spreadPx: spreadPx() }
}

describe('the edge of paper on something darker', () => {
  it('lies where the light is half, between two pixels', () => {
    // A pixel that is half paper: the edge runs through its middle.
    expect(along([0.1, 0.1, 0.5, 0.9, 0.9, 0.9, 0.9]).at).toBeCloseTo(2.5, 6)
    expect(along([0.1, 0.1, 0.1, 0.9, 0.9, 0.9, 0.9]).at).toBeCloseTo(3, 6)
  })
  it('is as soft as it takes from a quarter to three quarters of the light', () => {
    expect(along([0.1, 0.1, 0.1, 0.9, 0.9, 0.9, 0.9]).spreadPx).toBeCloseTo(0.5, 6)
    expect(along([0.1, 0.1, 0.26, 0.42, 0.58, 0.74, 0.9, 0.9, 0.9]).spreadPx).toBeCloseTo(2.5, 6)
  })
  it('is none where a speck is light, or paper reaches to the border', () => {
    expect(along([0.1, 0.9, 0.9, 0.1, 0.1, 0.1, 0.1, 0.1])).toEqual({ at: null, spreadPx: null })
    expect(along([0.9, 0.9, 0.9, 0.9, 0.9, 0.9])).toEqual({ at: null, spreadPx: null })
  })
})
