import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { moved } from './moved'

describe('a list with one thing moved', () => {
  it('worked by hand', () => {
    expect(moved(['card', 'rag', 'hand'], 2, 0)).toEqual(['hand', 'card', 'rag'])
    expect(moved(['card', 'rag', 'hand'], 0, 1)).toEqual(['rag', 'card', 'hand'])
  })
  it('holds the same things, the others in their order, and moved back it is as it was (property)', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(), { minLength: 1 }), fc.nat(), fc.nat(), (list, a, b) => {
        const [from, to] = [a % list.length, b % list.length]
        const next = moved(list, from, to)
        expect(next[to]).toBe(list[from])
        expect(next.filter((_, i) => i !== to)).toEqual(list.filter((_, i) => i !== from))
        expect(moved(next, to, from)).toEqual(list)
      }),
    )
  })
})
