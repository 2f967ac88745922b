import { describe, expect, it } from 'vitest'
import { flawBetween, isSlanted, type EdgesFound } from './edgeFlaws'
import type { Corners } from './homography'

const UPRIGHT: Corners = [
  [10, 10],
  [910, 10],
  [910, 610],
  [10, 610],
]
const edges = (more: Partial<EdgesFound> = {}): EdgesFound => ({
  corners: UPRIGHT,
  lens: null,
  sides: null,
  isSetByHand: false,
  bowMm: 0,
  raggedMm: 0,
  spreadMm: null,
  ...more,
})

describe('a sheet that only a camera sees so', () => {
  const shorter = (px: number): Corners => [[10 + px, 10], [910 - px, 10], UPRIGHT[2], UPRIGHT[3]]
  it('is shorter at its far side', () => {
    expect(isSlanted(edges({ corners: shorter(8) }))).toBe(true)
    expect(isSlanted(edges({ corners: shorter(0) }))).toBe(false)
  })
  it('is believed less readily of corners set by hand', () =>
    expect(isSlanted(edges({ corners: shorter(4), isSetByHand: true }))).toBe(false))
})

describe('two sheets, by their edges', () => {
  const seen = (reference: EdgesFound['sides'], impression: EdgesFound['sides']) =>
    flawBetween({
      reference: { edges: edges({ sides: reference }) },
      impression: { edges: edges({ sides: impression }) },
    })
  it('are held against one another where they are seen alike', () => {
    expect(seen(null, null)).toBeNull()
    expect(seen({ x: 'left', y: 'top' }, { x: 'left', y: 'top' })).toBeNull()
    expect(flawBetween({ reference: { edges: null }, impression: { edges: edges() } })).toBeNull()
  })
  it('are not where one is cut, of which it is said, or another corner is seen', () => {
    expect(seen({ x: 'left', y: 'top' }, null)).toEqual(['reference', 'part-beside-whole'])
    expect(seen(null, { x: 'left', y: null })).toEqual(['impression', 'part-beside-whole'])
    expect(seen({ x: 'left', y: 'top' }, { x: 'right', y: 'top' })).toEqual(['impression', 'other-corner'])
  })
})
