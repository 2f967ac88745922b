import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { layInto, orderBy } from './lanes'

const sorted = [
  { pullId: 'a', kind: 'edition' as const },
  { pullId: 'b', kind: 'edition' as const },
  { pullId: 'c', kind: 'AP' as const },
  { pullId: 'bat', kind: 'BAT' as const },
]
const written = (list: { pullId: string; kind: string }[]) =>
  list.map(({ pullId, kind }) => `${pullId}:${kind}`).join(' ')

describe('laying impressions into lanes', () => {
  it('puts one before another, or at the end of its lane', () => {
    expect(written(layInto(sorted, 'b', 'edition', 'a'))).toBe('b:edition a:edition c:AP bat:BAT')
    expect(written(layInto(sorted, 'a', 'AP', null))).toBe('b:edition c:AP a:AP bat:BAT')
    expect(written(layInto(sorted, 'a', 'HC', null))).toBe('b:edition c:AP bat:BAT a:HC')
  })
  it('never loses or doubles an impression (property)', () => {
    const ids = ['a', 'b', 'c', 'bat']
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.constantFrom(...ids),
            fc.constantFrom('edition' as const, 'AP' as const, 'PP' as const),
            fc.option(fc.constantFrom(...ids)),
          ),
          { maxLength: 20 },
        ),
        (moves) => {
          const end = moves.reduce(
            (list, [id, kind, before]) => layInto(list, id, kind, before === id ? null : before),
            sorted as {
              pullId: string
              kind: 'edition' | 'AP' | 'PP' | 'BAT' | 'roman' | 'HC' | 'archive'
            }[],
          )
          expect(end.map(({ pullId }) => pullId).sort()).toEqual([...ids].sort())
        },
      ),
    )
  })
  it('orders every lane and moves none out of it', () =>
    expect(written(orderBy(sorted, ['bat', 'c', 'b', 'a']))).toBe('b:edition a:edition c:AP bat:BAT'))
})
