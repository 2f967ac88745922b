import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { onShelf } from '../units/onShelf'
import { isFound } from '../units/isFound'
import { listedThings, SHELF_ORDERS, type ShelfOrder } from './shelfList'

const PAPERS = [
  { id: 'a', name: 'Heron 10', note: 'rag', putAwayAt: null, left: 4 },
  { id: 'b', name: 'Curlew', note: '', putAwayAt: null, left: null },
  { id: 'c', name: 'Heron 9', note: '', putAwayAt: '2031-05-02T09:00:00.000Z', left: 1 },
  { id: 'd', name: 'Avocet', note: 'half RAG', putAwayAt: null, left: 0 },
]
const left = (paper: (typeof PAPERS)[number]) => paper.left
const ids = (things: readonly { id: string }[]) => things.map(({ id }) => id).join('')
const asked = { find: '', place: 'shelf', order: 'came' } as const

describe('things of a shelf', () => {
  it('are found by what is said of them, and put in order', () => {
    expect(ids(listedThings(PAPERS, asked, left))).toBe('abd')
    expect(ids(listedThings(PAPERS, { ...asked, order: 'name' }, left))).toBe('dba')
    // What nobody counted is not about to run out.
    expect(ids(listedThings(PAPERS, { ...asked, order: 'left' }, left))).toBe('dab')
    expect(ids(listedThings(PAPERS, { ...asked, find: ' Rag ' }, left))).toBe('ad')
    expect(ids(listedThings(PAPERS, { ...asked, place: 'away' }, left))).toBe('c')
    expect(isFound(['Reeds', 'Ida Quill'], 'QUILL')).toBe(true)
    expect(isFound(['Reeds'], 'quill')).toBe(false)
  })
  it('that are put away are not offered, but for the one that is chosen', () => {
    expect(ids(onShelf(PAPERS))).toBe('abd')
    expect(ids(onShelf(PAPERS, 'c'))).toBe('abcd')
    expect(ids(onShelf([{ id: 'x' }]))).toBe('x')
  })
  it('lie in one place each, and none is lost by an order (property)', () => {
    const thing = fc.record({
      id: fc.uuid(),
      name: fc.string(),
      note: fc.string(),
      putAwayAt: fc.constantFrom(null, '2031-05-02T09:00:00.000Z'),
      left: fc.option(fc.nat(50)),
    })
    fc.assert(
      fc.property(
        fc.array(thing),
        fc.constantFrom(...(Object.keys(SHELF_ORDERS) as ShelfOrder[])),
        (things, order) => {
          const at = (place: 'shelf' | 'away') =>
            listedThings(things, { find: '', place, order }, (one) => one.left)
          expect(new Set([...at('shelf'), ...at('away')])).toEqual(new Set(things))
          const counted = at('shelf').map((one) => one.left ?? Number.POSITIVE_INFINITY)
          if (order === 'left')
            expect(counted).toEqual(counted.toSorted((a, b) => (a < b ? -1 : Number(a > b))))
        },
      ),
    )
  })
})
