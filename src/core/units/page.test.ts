import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { pageOf } from './page'

describe('a page of a list', () => {
  it('says where it lies, and which pages are beside it', () => {
    const list = ['a', 'b', 'c', 'd', 'e']
    expect(pageOf(list, 2, 2)).toEqual({ items: ['c', 'd'], first: 3, last: 4, of: 5, before: 1, after: 3 })
    expect(pageOf(list, 3, 2)).toEqual({ items: ['e'], first: 5, last: 5, of: 5, before: 2, after: null })
    expect(pageOf([], 1, 2)).toEqual({ items: [], first: 0, last: 0, of: 0, before: null, after: null })
  })
  it('that is none is the nearest', () => {
    for (const [asked, found] of [
      [0, 1],
      [-3, 1],
      [Number.NaN, 1],
      [99, 3],
      [2.7, 2],
    ])
      expect(pageOf([1, 2, 3, 4, 5], asked, 2)).toEqual(pageOf([1, 2, 3, 4, 5], found, 2))
  })
  it('and those beside it hold every item once, in order', () => {
    fc.assert(
      fc.property(fc.array(fc.integer()), fc.integer({ min: 1, max: 9 }), (list, size) => {
        const seen: number[] = []
        for (let page: number | null = 1; page !== null;) {
          const { items, after }: { items: number[]; after: number | null } = pageOf(list, page, size)
          seen.push(...items)
          page = after
        }
        expect(seen).toEqual(list)
      }),
    )
  })
})
